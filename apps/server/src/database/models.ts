import { EyeCaseRow } from '../eye/eye.model.js';
import { AccountRow, LinkRow, MembershipRow, SessionRow, SignInTryRow } from '../accounts/account.model.js';
import { ClassPersonRow, ClassRow, FittingRow, RecordRow, TaughtTimesRow } from '../classes/class.model.js';
import { CourseRow } from '../courses/course.model.js';
import { GroupDayRow, GroupPersonRow, GroupRow } from '../groups/group.model.js';
import { DocumentRow } from '../documents/document.model.js';
import { PlaceRow } from '../places/place.model.js';
import { HallRow } from '../halls/hall.model.js';
import { HomeRow } from '../home/home.model.js';
import { MailRow } from '../mail/mail.model.js';
import { DiaryRow } from '../mine/diary.model.js';
import { PersonVersionRow } from '../people/personVersion.model.js';
import { IncidentRow } from '../incidents/incident.model.js';
import { MarkRow } from '../marks/mark.model.js';
import { ProposalAnswerRow } from '../proposals/proposal.model.js';
import { OwnAnswersRow } from '../mine/ownAnswers.model.js';
import { SettingRow } from './setting.model.js';
import { OwnVariantRow } from '../own-variants/ownVariant.model.js';
import { PersonRow, PropNoteRow } from '../people/person.model.js';
import { SequenceRow, SequenceVersionRow } from '../sequences/sequence.model.js';
import { TrailHeadRow, TrailRow } from '../trail/trail.model.js';
import { ScreenRow } from '../screens/screen.model.js';
import { SpotRow } from '../spots/spot.model.js';
import { OwnWordsRow } from '../words/ownWords.model.js';
import { WriteRow } from './write.model.js';

/** Every table. */
export const MODELS = [
  HallRow,
  PersonRow,
  PropNoteRow,
  SequenceRow,
  SequenceVersionRow,
  CourseRow,
  ClassRow,
  ClassPersonRow,
  FittingRow,
  RecordRow,
  TaughtTimesRow,
  IncidentRow,
  HomeRow,
  MailRow,
  MarkRow,
  ProposalAnswerRow,
  SpotRow,
  ScreenRow,
  OwnWordsRow,
  OwnVariantRow,
  WriteRow,
  AccountRow,
  MembershipRow,
  SessionRow,
  LinkRow,
  SignInTryRow,
  DiaryRow,
  OwnAnswersRow,
  PersonVersionRow,
  GroupRow,
  GroupPersonRow,
  GroupDayRow,
  PlaceRow,
  DocumentRow,
  SettingRow,
  TrailRow,
  TrailHeadRow,
  EyeCaseRow,
];
