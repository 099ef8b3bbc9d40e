/** What the API takes and answers, by short names. */
import type { components } from './contract.js';

type Schemas = components['schemas'];

export type Hall = Schemas['HallDto'];
export type ClassLine = Schemas['ClassLineDto'];
export type ClassWhole = Schemas['ClassDto'];
export type ClassInputs = Schemas['ClassInputsDto'];
export type ClassDraft = Schemas['ClassDraftDto'];
export type RecordEntry = Schemas['RecordDto'];
export type PersonDraft = Schemas['PersonDraftDto'];
export type PersonLine = Schemas['PersonLineDto'];
export type PersonWhole = Schemas['PersonDto'];
export type PropNote = Schemas['PropNoteDto'];
export type SequenceLine = Schemas['SequenceDto'];
export type Course = Schemas['CourseDto'];
export type CourseDraft = Schemas['CourseDraftDto'];
export type CourseChange = Schemas['CourseChangeDto'];
export type SignIn = Schemas['SignInDto'];
export type FirstOwner = Schemas['FirstOwnerDto'];
export type TakeLink = Schemas['TakeLinkDto'];
export type StaffRole = Schemas['RoleDto']['role'];
export type NewLink = Schemas['NewLinkDto'];
export type PersonVersion = Schemas['PersonVersionDto'];
export type Everything = Schemas['EverythingDto'];
export type OwnAnswers = Schemas['OwnAnswersDto'];
export type DiaryEntry = Schemas['DiaryEntryDto'];
export type Group = Schemas['GroupDto'];
export type GroupDraft = Schemas['GroupDraftDto'];
export type OtherDay = Schemas['OtherDayDto'];
export type Place = Schemas['PlaceDto'];
export type PlaceDraft = Schemas['PlaceDraftDto'];
export type DocumentDraft = Schemas['DocumentDraftDto'];
export type Erased = Schemas['ErasedDto'];
export type TrailEntry = Schemas['TrailEntryDto'];
export type OwnClass = Schemas['OwnClassDto'];
export type KeptVariant = Schemas['OwnVariantDto'];
export type OwnDraft = Schemas['OwnVariantDraftDto'];
