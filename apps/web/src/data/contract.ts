/** Written by `npm run contract` from the server’s DTO classes; do not edit. */
import type {
  Activity,
  Build,
  Can,
  Choices,
  Clearance,
  Comparison,
  Due,
  EyeAnswer,
  EyeStep,
  Fitting,
  HallRules,
  HomeDraft,
  HomeStep,
  HouseView,
  HowFar,
  Intake,
  LearnedPace,
  MovedLimit,
  OtherHouse,
  OwnLimit,
  OwnRule,
  Pace,
  Person,
  Proposal,
  Report,
  Room,
  Shape,
  SheetStep,
  Shown,
  StoredSolutions,
  Today,
} from '@lotus-steady/core';

export interface paths {
  '/api/health': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Health.health'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/store/check': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Store.check'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/trail': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Trail.list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/trail/check': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Trail.check'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/session': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Session.current'];
    put?: never;
    post: operations['Session.signIn'];
    delete: operations['Session.signOut'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/session/demo': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Session.demo'];
    delete: operations['Session.removeDemo'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/session/first': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Session.first'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/session/hall': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['Session.moveTo'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/session/halls': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Session.addHall'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/account/name': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['Account.rename'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/account/password': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['Account.changePassword'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/account/devices': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Account.devices'];
    put?: never;
    post?: never;
    delete: operations['Account.endOthers'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/account/codes': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['Account.confirmCodes'];
    post: operations['Account.beginCodes'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/account/codes/end': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Account.endCodes'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/members': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Member.list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/members/invitations': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Member.invitations'];
    put?: never;
    post: operations['Member.invite'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/members/invitations/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post?: never;
    delete: operations['Member.takeBack'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/members/{id}/role': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['Member.changeRole'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/members/{id}/reset': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Member.reset'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/members/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post?: never;
    delete: operations['Member.remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/links/look': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Link.look'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/links/take': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Link.take'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/links/join': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Link.join'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/hall': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Hall.current'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/hall/house-view': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['Hall.saveHouseView'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/hall/stock': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['Hall.saveStock'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/hall/pace': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['Hall.savePace'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/hall/rules': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['Hall.saveRules'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Person.list'];
    put?: never;
    post: operations['Person.create'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/find': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Person.find'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/names': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Person.names'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/table': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Person.table'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/unreadable': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Person.unreadable'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Person.one'];
    put: operations['Person.update'];
    post?: never;
    delete: operations['Person.remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/{id}/progress': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Person.progress'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/{id}/history': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Person.history'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/{id}/changes': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Person.changes'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/{id}/props': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['Person.saveProp'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/{id}/restore': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Person.restore'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sequences': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Sequence.list'];
    put?: never;
    post: operations['Sequence.create'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sequences/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Sequence.one'];
    put: operations['Sequence.update'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sequences/{id}/versions': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Sequence.versions'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sequences/{id}/versions/{version}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Sequence.version'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/courses': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Course.list'];
    put?: never;
    post: operations['Course.create'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/courses/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Course.one'];
    put: operations['Course.update'];
    post?: never;
    delete: operations['Course.remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/own-variants': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['OwnVariant.list'];
    put?: never;
    post: operations['OwnVariant.create'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/own-variants/{key}/restore': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['OwnVariant.restore'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/own-variants/{key}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post?: never;
    delete: operations['OwnVariant.remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Class.list'];
    put?: never;
    post: operations['Class.create'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/pace': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Class.learnedPace'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Class.one'];
    put: operations['Class.update'];
    post?: never;
    delete: operations['Class.remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/fit': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Class.fit'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}/inputs': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Class.inputs'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}/recheck': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Class.recheck'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}/plan': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['Class.savePlan'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}/door': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['Class.atTheDoor'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}/sequence': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['Class.saveSequence'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}/last': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Class.lastTimes'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}/record': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['Class.saveRecords'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}/restore': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Class.restore'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/incidents': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Incident.list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/{id}/incidents': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Incident.create'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/{id}/incidents/{incident}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['Incident.update'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}/marks': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Mark.list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}/marks/{mark}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['Mark.keep'];
    post?: never;
    delete: operations['Mark.takeBack'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/{id}/proposals': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Proposal.list'];
    put: operations['Proposal.answer'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}/proposals': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Proposal.ofClass'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}/remembered': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Proposal.remembered'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}/spots': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Spot.list'];
    put: operations['Spot.keep'];
    post?: never;
    delete: operations['Spot.forget'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/screen': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Screen.there'];
    put: operations['Screen.show'];
    post: operations['Screen.make'];
    delete: operations['Screen.end'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/screen/look': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Screen.look'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/words': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['OwnWords.list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/words/{pose}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['OwnWords.save'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/mine/open': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Mine.open'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/mine': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Mine.mine'];
    put?: never;
    post?: never;
    delete: operations['Mine.close'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/mine/diary': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Mine.write'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/mine/diary/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post?: never;
    delete: operations['Mine.takeBack'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/mine/form': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Mine.form'];
    put: operations['Mine.sendForm'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/{id}/link': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['PersonLink.linkOf'];
    put?: never;
    post: operations['PersonLink.makeLink'];
    delete: operations['PersonLink.endLinks'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/{id}/everything': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['PersonLink.everything'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/{id}/answers': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['PersonLink.answersOf'];
    put?: never;
    post?: never;
    delete: operations['PersonLink.answersDone'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/{id}/diary': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['PersonLink.diaryOf'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/network': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Network.status'];
    put: operations['Network.switch'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/places': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Place.list'];
    put?: never;
    post: operations['Place.create'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/places/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['Place.update'];
    post?: never;
    delete: operations['Place.remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/groups': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Group.list'];
    put?: never;
    post: operations['Group.create'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/groups/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Group.one'];
    put: operations['Group.update'];
    post?: never;
    delete: operations['Group.remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/groups/{id}/day': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['Group.onDay'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/groups/{id}/restore': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Group.restore'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/documents': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Document.list'];
    put?: never;
    post: operations['Document.begin'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/documents/{id}/file': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Document.read'];
    put: operations['Document.keep'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/documents/{id}/restore': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Document.restore'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/documents/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post?: never;
    delete: operations['Document.remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}/sheets/{kind}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Sheet.one'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/calendar': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Calendar.feed'];
    put?: never;
    post: operations['Calendar.make'];
    delete: operations['Calendar.end'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/calendar/{secret}.ics': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['CalendarFeed.read'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/{id}/erase': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Erasure.erase'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/retention': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Erasure.kept'];
    put: operations['Erasure.keepFor'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/backup': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Backup.state'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/backup/passphrase': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['Backup.set'];
    post?: never;
    delete: operations['Backup.forget'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/backup/file': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Backup.file'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/{id}/home/draft': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Home.draft'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/{id}/home': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Home.list'];
    put?: never;
    post: operations['Home.keep'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/{id}/home/{home}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post?: never;
    delete: operations['Home.end'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/{id}/home/{home}/sheet': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Home.sheet'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/{id}/letter': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Letter.draft'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/{id}/letter/pdf': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Letter.pdf'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/mail': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Mail.outbox'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/{id}/mail': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Mail.put'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/mail/{id}/file': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Mail.file'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/mail/{id}/send': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Mail.send'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/mail/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post?: never;
    delete: operations['Mail.remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/reports': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Report.one'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/due': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Due.week'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/eye': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Eye.state'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/eye/next': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Eye.next'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/eye/answers': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Eye.answer'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/eye/own': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Eye.own'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/eye/own/answers': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Eye.answerOwn'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
}
export type webhooks = Record<string, never>;
export interface components {
  schemas: {
    HealthDto: {
      ok: boolean;
    };
    FieldProblemDto: {
      field: string;
      message: string;
    };
    ProblemDto: {
      statusCode: number;
      message: string;
      fields?: components['schemas']['FieldProblemDto'][];
      current?: {
        [key: string]: unknown;
      };
    };
    CheckedSealsDto: {
      key: string;
      sealed: number;
      earlier: number;
      unreadable: number;
    };
    TrailEntryDto: {
      number: number;
      /** Format: date-time */
      at: string;
      who: string | null;
      role: string;
      /** @enum {string} */
      did: 'read' | 'added' | 'changed' | 'removed' | 'brought back' | 'handed out' | 'erased';
      /** @enum {string} */
      what:
        | 'list of people'
        | 'person'
        | 'changes'
        | 'diary'
        | 'own answers'
        | 'practice at home'
        | 'letter'
        | 'report'
        | 'mail'
        | 'own page'
        | 'own form'
        | 'private link'
        | 'prop heights'
        | 'everything'
        | 'document'
        | 'class'
        | 'plan of a class'
        | 'today at the door'
        | 'record of a class'
        | 'incident'
        | 'fitting'
        | 'trail';
      /** Format: uuid */
      personId: string | null;
      person: string | null;
      /** Format: uuid */
      classId: string | null;
      title: string | null;
      counts?: {
        [key: string]: number;
      };
    };
    CheckedTrailDto: {
      entries: number;
      brokenAt: number | null;
    };
    AccountNameDto: {
      id: string;
      name: string;
      signIn?: string;
      hasCodes: boolean;
    };
    HallOfAccountDto: {
      id: string;
      name: string;
      isDemo: boolean;
      /** @enum {string} */
      role: 'owner' | 'teacher' | 'assistant' | 'person';
    };
    DemoDoorDto: {
      hall: string;
      teacher: string;
    };
    BeginDto: {
      /** @enum {string} */
      hall?: 'first' | 'own';
      demo?: components['schemas']['DemoDoorDto'];
    };
    SessionDto: {
      account?: components['schemas']['AccountNameDto'];
      hall?: components['schemas']['HallOfAccountDto'];
      halls: components['schemas']['HallOfAccountDto'][];
      begin: components['schemas']['BeginDto'];
    };
    SignInDto: {
      signIn: string;
      password: string;
      code?: string;
    };
    FirstOwnerDto: {
      hall: string;
      name: string;
      signIn: string;
      password: string;
      timeZone?: string;
    };
    HallChoiceDto: {
      hallId: string;
    };
    NewHallDto: {
      hall: string;
      timeZone?: string;
    };
    NewNameDto: {
      name: string;
    };
    NewPasswordDto: {
      password: string;
      newPassword: string;
    };
    DeviceDto: {
      device: string;
      /** Format: date-time */
      seenAt: string;
      isThis: boolean;
    };
    CodeSetupDto: {
      secret: string;
      address: string;
    };
    CodeDto: {
      code: string;
    };
    RecoveryCodesDto: {
      codes: string[];
    };
    PasswordDto: {
      password: string;
    };
    MemberDto: {
      id: string;
      name: string;
      signIn?: string;
      hasCodes: boolean;
      /** @enum {string} */
      role: 'owner' | 'teacher' | 'assistant';
    };
    InvitationDto: {
      id: string;
      name: string;
      /** @enum {string} */
      role: 'owner' | 'teacher' | 'assistant';
      /** Format: date-time */
      endsAt: string;
    };
    InvitationDraftDto: {
      /** @enum {string} */
      role: 'owner' | 'teacher' | 'assistant';
      name: string;
    };
    NewLinkDto: {
      id: string;
      secret: string;
      /** Format: date-time */
      endsAt: string;
      door?: string;
    };
    RoleDto: {
      /** @enum {string} */
      role: 'owner' | 'teacher' | 'assistant';
    };
    LinkSecretDto: {
      secret: string;
    };
    LinkDto: {
      /** @enum {string} */
      kind: 'invitation' | 'reset';
      hall: string;
      name: string;
      /** @enum {string} */
      role?: 'owner' | 'teacher' | 'assistant';
      signIn?: string;
    };
    TakeLinkDto: {
      secret: string;
      name?: string;
      signIn?: string;
      password: string;
    };
    HallDto: {
      name: string;
      teacher: string;
      /** Format: date */
      today: string;
      houseView: HouseView;
      stock: {
        [key: string]: number;
      };
      rules: HallRules;
      pace: Partial<Pace>;
      version: number;
      stockVersion: number;
    };
    HouseViewDto: {
      houseView: {
        [key: string]: string;
      };
    };
    VersionDto: {
      version: number;
    };
    StockDto: {
      stock: {
        [key: string]: number;
      };
    };
    PaceDto: {
      pace: Partial<Pace>;
    };
    HallRulesDto: {
      moved: MovedLimit[];
      own: OwnRule[];
    };
    PersonLineDto: {
      /** Format: uuid */
      id: string;
      name: string;
      born?: string;
      /** @enum {string} */
      sex?: 'woman' | 'man';
      /** @enum {string} */
      pronoun?: 'she' | 'he' | 'they';
      heightCm: number;
      weightKg?: number;
      can: Can;
      ranges: {
        [key: string]: number;
      };
      screening: {
        [key: string]: number;
      };
      conditions: { condition: string; [detail: string]: unknown }[];
      limits: OwnLimit[];
      clearances: Clearance[];
      intake: Intake;
      version: number;
    };
    FindPeopleDto: {
      from?: number;
      most?: number;
      /** Format: uuid */
      group?: string;
      /** @enum {string} */
      order?: 'name' | 'changed' | 'came';
    };
    PropNoteDto: {
      /** @enum {string} */
      task:
        | 'shoulder-stand-blankets'
        | 'twist-knees'
        | 'fold-hands'
        | 'seat-legs-long'
        | 'seat-cross-legged'
        | 'head-on-side'
        | 'thigh-roll';
      heightCm: number;
      words: string;
      /** Format: date */
      on: string;
    };
    PersonDto: {
      /** Format: uuid */
      id: string;
      name: string;
      born?: string;
      /** @enum {string} */
      sex?: 'woman' | 'man';
      /** @enum {string} */
      pronoun?: 'she' | 'he' | 'they';
      heightCm: number;
      weightKg?: number;
      can: Can;
      ranges: {
        [key: string]: number;
      };
      screening: {
        [key: string]: number;
      };
      conditions: { condition: string; [detail: string]: unknown }[];
      limits: OwnLimit[];
      clearances: Clearance[];
      intake: Intake;
      version: number;
      propNotes: components['schemas']['PropNoteDto'][];
    };
    StepChangeDto: {
      step: number;
      /** @enum {string} */
      what: 'eased' | 'stopped';
      /**
       * @description Where it hurt.
       * @enum {string}
       */
      where?:
        | 'head'
        | 'neck'
        | 'shoulder-right'
        | 'shoulder-left'
        | 'elbow-right'
        | 'elbow-left'
        | 'wrist-right'
        | 'wrist-left'
        | 'upper-back'
        | 'low-back'
        | 'belly'
        | 'pelvis'
        | 'hip-right'
        | 'hip-left'
        | 'thigh-right'
        | 'thigh-left'
        | 'knee-right'
        | 'knee-left'
        | 'ankle-right'
        | 'ankle-left';
      word?: string;
    };
    PersonRecordDto: {
      /** Format: uuid */
      classId: string;
      title: string;
      /** Format: date */
      on: string;
      came: boolean;
      painBefore: number | null;
      painAfter: number | null;
      effort: number | null;
      pressureAfter: string | null;
      changes: components['schemas']['StepChangeDto'][];
      word: string;
      activity?: Activity;
      far?: HowFar;
    };
    PersonWholeDto: {
      /** Format: uuid */
      id: string;
      name: string;
      born?: string;
      /** @enum {string} */
      sex?: 'woman' | 'man';
      /** @enum {string} */
      pronoun?: 'she' | 'he' | 'they';
      heightCm: number;
      weightKg?: number;
      can: Can;
      ranges: {
        [key: string]: number;
      };
      screening: {
        [key: string]: number;
      };
      conditions: { condition: string; [detail: string]: unknown }[];
      limits: OwnLimit[];
      clearances: Clearance[];
      intake: Intake;
      version: number;
      propNotes: components['schemas']['PropNoteDto'][];
      records: components['schemas']['PersonRecordDto'][];
    };
    HistoryDto: {
      classes: number;
      came: number;
      /** Format: date */
      since?: string;
      records: components['schemas']['PersonRecordDto'][];
    };
    PersonDraftDto: {
      name: string;
      born?: string;
      /** @enum {string} */
      sex?: 'woman' | 'man';
      /** @enum {string} */
      pronoun?: 'she' | 'he' | 'they';
      heightCm?: number;
      weightKg?: number;
      can?: Can;
      ranges?: {
        [key: string]: number;
      };
      screening?: {
        [key: string]: number;
      };
      conditions?: { condition: string; [detail: string]: unknown }[];
      limits?: OwnLimit[];
      clearances?: Clearance[];
      intake?: Intake;
    };
    PersonVersionDto: {
      version: number;
      /** Format: date-time */
      savedAt: string;
      by?: string;
      written?: components['schemas']['PersonDraftDto'];
      unreadable?: boolean;
    };
    SavedDto: {
      /** Format: uuid */
      id: string;
      version: number;
    };
    UseDto: {
      /** Format: uuid */
      id: string;
      title: string;
      /** Format: date */
      on: string;
    };
    SequenceDto: {
      /** Format: uuid */
      id: string;
      title: string;
      source: string;
      tags: string[];
      archived: boolean;
      /** Format: uuid */
      courseId: string | null;
      /** @description Of its course, from 1. */
      week: number | null;
      /** @description Classes that were begun from it, the last first. */
      uses: components['schemas']['UseDto'][];
      /** Format: date-time */
      changed: string;
      version: number;
    };
    SequenceVersionLineDto: {
      version: number;
      title: string;
      /** Format: date-time */
      saved: string;
    };
    SequenceVersionDto: {
      version: number;
      title: string;
      /** Format: date-time */
      saved: string;
      source: string;
    };
    SequenceDraftDto: {
      source: string;
      tags?: string[];
    };
    SequenceChangeDto: {
      source?: string;
      tags?: string[];
      /** @description Put away: not offered for new classes. */
      archived?: boolean;
    };
    CourseWeekDto: {
      week: number;
      /** Format: uuid */
      sequenceId: string;
      source: string;
      /** @description Days of classes that were begun from it. */
      classes: string[];
    };
    CourseDto: {
      /** Format: uuid */
      id: string;
      title: string;
      /** Format: date */
      startsOn: string;
      time: string | null;
      place: string | null;
      people: string[];
      weeks: components['schemas']['CourseWeekDto'][];
      version: number;
    };
    CourseDraftDto: {
      title: string;
      /** Format: date */
      startsOn: string;
      time?: string;
      place?: string;
      /** @description Who is enrolled, by id. */
      people: string[];
      /** @description What is written for each week. */
      weeks: string[];
    };
    CourseChangeDto: {
      title?: string;
      /** Format: date */
      startsOn?: string;
      time?: string;
      place?: string;
      /** @description Who is enrolled, by id. */
      people?: string[];
    };
    OwnVariantDto: {
      /** Format: uuid */
      key: string;
      id: string;
      pose: string;
      poseName?: string;
      base: string;
      after: string;
      name: string;
      angles: {
        [key: string]: number;
      };
      frames: Shape[];
      solved: StoredSolutions;
    };
    OwnVariantDraftDto: {
      name: string;
      pose: string;
      poseName?: string;
      base: string;
      after: string;
      angles: {
        [key: string]: number;
      };
    };
    SavedOwnVariantDto: {
      id: string;
    };
    ClassLineDto: {
      /** Format: uuid */
      id: string;
      title: string;
      /** Format: date */
      on: string;
      time: string | null;
      place: string | null;
      /** Format: uuid */
      groupId: string | null;
      people: number;
      recorded: boolean;
    };
    LearnedPaceDto: {
      learned?: LearnedPace;
    };
    ClassPersonDto: {
      /** Format: uuid */
      id: string;
      name: string;
      today: Today;
    };
    RecordDto: {
      /** Format: uuid */
      personId: string;
      came: boolean;
      painBefore?: number | null;
      painAfter?: number | null;
      effort?: number | null;
      /** @description Pressure after class, as `142/88`. */
      pressureAfter?: string | null;
      changes: components['schemas']['StepChangeDto'][];
      word: string;
    };
    ClassDto: {
      /** Format: uuid */
      id: string;
      title: string;
      /** Format: date */
      on: string;
      time: string | null;
      place: string | null;
      /** Format: uuid */
      sequenceId: string | null;
      /** Format: uuid */
      groupId: string | null;
      sequenceText: string;
      houseView: HouseView;
      choices: Choices;
      fitting: Fitting;
      people: components['schemas']['ClassPersonDto'][];
      records: components['schemas']['RecordDto'][];
      version: number;
    };
    ComingDto: {
      /** Format: uuid */
      id: string;
      today?: Today;
    };
    FitDto: {
      place?: string;
      /** Format: date */
      on: string;
      sequenceText: string;
      people: components['schemas']['ComingDto'][];
      houseView?: {
        [key: string]: string;
      };
      choices?: Choices;
    };
    FittedDto: {
      fitting: Fitting;
    };
    ClassDraftDto: {
      place?: string;
      /** Format: date */
      on: string;
      sequenceText: string;
      people: components['schemas']['ComingDto'][];
      houseView?: {
        [key: string]: string;
      };
      choices?: Choices;
      title: string;
      time?: string;
      /**
       * Format: uuid
       * @description The group that it is of.
       */
      groupId?: string;
      /**
       * Format: uuid
       * @description The sequence of the library that it begins from.
       */
      sequenceId?: string;
    };
    PersonOnTheDayDto: {
      /** Format: uuid */
      id: string;
      name: string;
      born?: string;
      /** @enum {string} */
      sex?: 'woman' | 'man';
      /** @enum {string} */
      pronoun?: 'she' | 'he' | 'they';
      heightCm: number;
      weightKg?: number;
      can: Can;
      ranges: {
        [key: string]: number;
      };
      screening: {
        [key: string]: number;
      };
      conditions: { condition: string; [detail: string]: unknown }[];
      limits: OwnLimit[];
      clearances: Clearance[];
      today: Today;
    };
    ClassInputsDto: {
      /** Format: date */
      on: string;
      people: components['schemas']['PersonOnTheDayDto'][];
      houseView: HouseView;
      hall: HallRules;
      pace: Partial<Pace>;
      stock?: {
        [key: string]: number;
      };
    };
    RecheckDto: {
      comparison: Comparison;
    };
    PlanDto: {
      sequenceText: string;
      choices: Choices;
    };
    DoorDto: {
      /** Format: uuid */
      personId: string;
      today: Today;
    };
    DoorAnswerDto: {
      /** Format: uuid */
      id: string;
      version: number;
      comparison: Comparison;
    };
    ClassSequenceDto: {
      /** Format: uuid */
      sequenceId: string;
    };
    ChangeThenDto: {
      pose: string;
      /** @enum {string} */
      what: 'eased' | 'stopped';
      where?: string;
      word?: string;
    };
    LastTimeDto: {
      /** Format: uuid */
      personId: string;
      /** Format: uuid */
      classId: string;
      /** Format: date */
      on: string;
      painBefore: number | null;
      painAfter: number | null;
      effort: number | null;
      changes: components['schemas']['ChangeThenDto'][];
      word: string;
    };
    TookDto: {
      planned: number;
      real: number;
    };
    TaughtTimeDto: {
      /** @enum {string} */
      part?: 'changeSide' | 'changeLevel' | 'props' | 'talkNew' | 'talkKnown';
      share?: number;
      lead: components['schemas']['TookDto'];
      hold: components['schemas']['TookDto'];
      /** @enum {number} */
      pass?: 1 | 2;
      at: number;
    };
    AfterClassDto: {
      records: components['schemas']['RecordDto'][];
      /** @description Marks of the class that are in these records now. */
      marks?: string[];
      /** @description What its moments took, where this device taught it. */
      times?: components['schemas']['TaughtTimeDto'][];
    };
    IncidentDto: {
      /** Format: uuid */
      classId?: string | null;
      /** Format: date */
      on: string;
      /** @description `HH:MM`, or empty. */
      time: string;
      what: string;
      /** @description A place that was hurt, or empty. */
      where: string;
      doing: string;
      done: string;
      called: string;
      seenBy: string;
      /** Format: date */
      followUpOn?: string | null;
      followUp: string;
      outcome: string;
      isClosed: boolean;
      /** Format: uuid */
      id: string;
      /** Format: uuid */
      personId: string;
      person: string;
      version: number;
    };
    IncidentDraftDto: {
      /** Format: uuid */
      classId?: string | null;
      /** Format: date */
      on: string;
      /** @description `HH:MM`, or empty. */
      time: string;
      what: string;
      /** @description A place that was hurt, or empty. */
      where: string;
      doing: string;
      done: string;
      called: string;
      seenBy: string;
      /** Format: date */
      followUpOn?: string | null;
      followUp: string;
      outcome: string;
      isClosed: boolean;
    };
    MarkDto: {
      /** Format: uuid */
      personId: string;
      step: number;
      /** @enum {string} */
      given: 'less-far' | 'supported' | 'rest' | 'stopped';
      /**
       * @description Where it hurt.
       * @enum {string}
       */
      where?:
        | 'head'
        | 'neck'
        | 'shoulder-right'
        | 'shoulder-left'
        | 'elbow-right'
        | 'elbow-left'
        | 'wrist-right'
        | 'wrist-left'
        | 'upper-back'
        | 'low-back'
        | 'belly'
        | 'pelvis'
        | 'hip-right'
        | 'hip-left'
        | 'thigh-right'
        | 'thigh-left'
        | 'knee-right'
        | 'knee-left'
        | 'ankle-right'
        | 'ankle-left';
      /** @description When, in milliseconds since 1970. */
      at: number;
      /** Format: uuid */
      id: string;
    };
    MarkDraftDto: {
      /** Format: uuid */
      personId: string;
      step: number;
      /** @enum {string} */
      given: 'less-far' | 'supported' | 'rest' | 'stopped';
      /**
       * @description Where it hurt.
       * @enum {string}
       */
      where?:
        | 'head'
        | 'neck'
        | 'shoulder-right'
        | 'shoulder-left'
        | 'elbow-right'
        | 'elbow-left'
        | 'wrist-right'
        | 'wrist-left'
        | 'upper-back'
        | 'low-back'
        | 'belly'
        | 'pelvis'
        | 'hip-right'
        | 'hip-left'
        | 'thigh-right'
        | 'thigh-left'
        | 'knee-right'
        | 'knee-left'
        | 'ankle-right'
        | 'ankle-left';
      /** @description When, in milliseconds since 1970. */
      at: number;
    };
    DecidedDto: {
      /** Format: date */
      on: string;
      /** @enum {string} */
      answer: 'taken' | 'declined' | 'asked';
      limit?: OwnLimit;
      isLetGo?: boolean;
      task?: string;
      heightCm?: number;
      place?: string;
      reason: string;
    };
    ProposalsDto: {
      proposals: Proposal[];
      decided: components['schemas']['DecidedDto'][];
    };
    ProposedForDto: {
      /** Format: uuid */
      personId: string;
      name: string;
      proposals: Proposal[];
    };
    RememberedDto: {
      /** Format: uuid */
      personId: string;
      /** @description Lately, the latest first. */
      decided: components['schemas']['DecidedDto'][];
      /** @description Props that worked. */
      worked: components['schemas']['PropNoteDto'][];
    };
    ProposalAnswerDto: {
      key: string;
      /** @enum {string} */
      answer: 'taken' | 'declined' | 'asked';
      /** @description Another number than was proposed. */
      most?: number;
      /** @description Why, or what was answered; needed where it is not taken over. */
      reason?: string;
    };
    SpotDto: {
      /** Format: uuid */
      personId: string;
      xCm: number;
      yCm: number;
      /** @enum {number} */
      heading: 0 | 90 | 180 | 270;
    };
    SpotsDto: {
      spots: components['schemas']['SpotDto'][];
    };
    ScreenDto: {
      /** Format: date-time */
      since?: string;
    };
    ShowDto: {
      shown: Shown;
    };
    LookAtScreenDto: {
      secret: string;
    };
    OnScreenDto: {
      shown?: Shown;
      /** @description Milliseconds since it was told. */
      age?: number;
    };
    OwnWordsDto: {
      words: string;
      pose: string;
      version: number;
    };
    OwnWordsDraftDto: {
      words: string;
    };
    OwnClassDto: {
      title: string;
      /** Format: date */
      on: string;
      time?: string | null;
      place?: string | null;
      steps: SheetStep[];
    };
    HomePracticeDto: {
      /** Format: uuid */
      id: string;
      /** Format: uuid */
      classId: string;
      /** Format: date */
      on: string;
      /** Format: date */
      until: string;
      title: string;
      steps: HomeStep[];
      words: string;
      whom: string;
      withWhom?: string;
      leftOut?: number;
      minutes: number;
    };
    DiaryEntryDto: {
      id: string;
      /** Format: date */
      on: string;
      pain?: number;
      words?: string;
      /** @enum {string} */
      done?: 'all' | 'some' | 'none';
      /** @enum {string} */
      felt?: 'easy' | 'right' | 'hard';
      /** @enum {string} */
      after?: 'less' | 'same' | 'more';
      unreadable?: boolean;
    };
    MineDto: {
      /** Format: uuid */
      id: string;
      name: string;
      hall: string;
      teacher: string;
      /** Format: date */
      today: string;
      heightCm: number;
      build: Build;
      classes: components['schemas']['OwnClassDto'][];
      home?: components['schemas']['HomePracticeDto'];
      own: components['schemas']['OwnVariantDto'][];
      diary: components['schemas']['DiaryEntryDto'][];
    };
    DiaryDraftDto: {
      /**
       * Format: date
       * @description Where it is sent later than it was written.
       */
      on?: string;
      /** @enum {string} */
      done?: 'all' | 'some' | 'none';
      /** @enum {string} */
      felt?: 'easy' | 'right' | 'hard';
      /** @enum {string} */
      after?: 'less' | 'same' | 'more';
      pain?: number;
      words?: string;
    };
    OwnAnswersDto: {
      born?: string;
      /** @enum {string} */
      sex?: 'woman' | 'man';
      /** @enum {string} */
      pronoun?: 'she' | 'he' | 'they';
      heightCm?: number;
      weightKg?: number;
      can?: Can;
      screening?: {
        [key: string]: number;
      };
      conditions?: { condition: string; [detail: string]: unknown }[];
      intake?: Intake;
    };
    SentAnswersDto: {
      /** Format: date-time */
      sentAt: string;
      answers?: components['schemas']['OwnAnswersDto'];
      unreadable?: boolean;
    };
    OwnFormDto: {
      person: components['schemas']['PersonLineDto'];
      sent?: components['schemas']['SentAnswersDto'];
    };
    PersonLinkDto: {
      /** Format: date-time */
      createdAt: string;
      /** Format: date-time */
      endsAt: string;
    };
    DocumentDto: {
      /** Format: uuid */
      id: string;
      name: string;
      /** Format: date */
      on?: string;
      by?: string;
      /** Format: date-time */
      addedAt: string;
      size: number;
      unreadable?: boolean;
    };
    EverythingDto: {
      /** Format: date */
      on: string;
      hall: string;
      person: components['schemas']['PersonWholeDto'];
      changes: components['schemas']['PersonVersionDto'][];
      diary: components['schemas']['DiaryEntryDto'][];
      answers: components['schemas']['SentAnswersDto'][];
      coming: components['schemas']['OwnClassDto'][];
      links: components['schemas']['PersonLinkDto'][];
      documents: components['schemas']['DocumentDto'][];
      incidents: components['schemas']['IncidentDto'][];
      home: components['schemas']['HomePracticeDto'][];
    };
    NetworkDto: {
      isOn: boolean;
      isSetAtStart: boolean;
      isHere: boolean;
      addresses: string[];
      hasOwnCertificate: boolean;
      fingerprint?: string;
    };
    NetworkSwitchDto: {
      isOn: boolean;
    };
    PlaceDto: {
      /** Format: uuid */
      id: string;
      name: string;
      most: number | null;
      stock: {
        [key: string]: number;
      };
      room?: Room;
      version: number;
    };
    PlaceDraftDto: {
      name: string;
      /** @description So many have room. */
      most?: number;
      stock: {
        [key: string]: number;
      };
      room?: Room;
    };
    OnRosterDto: {
      /** Format: uuid */
      id: string;
      waiting: boolean;
    };
    KeptOtherDayDto: {
      /** Format: uuid */
      personId: string;
      /** Format: date */
      on: string;
      comes: boolean;
    };
    GroupClassDto: {
      /** Format: uuid */
      id: string;
      /** Format: date */
      on: string;
    };
    GroupDto: {
      /** Format: uuid */
      id: string;
      title: string;
      weekday: number;
      time: string | null;
      place: string | null;
      most: number | null;
      /** Format: uuid */
      sequenceId: string | null;
      /** Format: date */
      firstOn: string;
      /** Format: date */
      lastOn: string | null;
      people: components['schemas']['OnRosterDto'][];
      days: components['schemas']['KeptOtherDayDto'][];
      classes: components['schemas']['GroupClassDto'][];
      version: number;
    };
    GroupDraftDto: {
      title: string;
      /** @description 1 is Monday, 7 Sunday. */
      weekday: number;
      time?: string;
      place?: string;
      /** @description So many have room. */
      most?: number;
      /**
       * Format: uuid
       * @description What its classes begin from.
       */
      sequenceId?: string;
      /** Format: date */
      firstOn: string;
      /** Format: date */
      lastOn?: string;
      /** @description In the order in which they came to it. */
      people: components['schemas']['OnRosterDto'][];
    };
    OtherDayDto: {
      /** Format: uuid */
      personId: string;
      /** Format: date */
      on: string;
      comes?: boolean;
    };
    DocumentDraftDto: {
      /** Format: uuid */
      personId: string;
      name: string;
      /**
       * Format: date
       * @description The day that stands on it.
       */
      on?: string;
      /** @description From whom. */
      by?: string;
    };
    BegunDocumentDto: {
      /** Format: uuid */
      id: string;
    };
    FeedDto: {
      /** Format: date-time */
      since?: string;
    };
    EraseDto: {
      name: string;
    };
    CopyDto: {
      name: string;
      /** Format: date-time */
      madeAt: string;
    };
    ErasedDto: {
      /** Format: date-time */
      at: string;
      counts: {
        [key: string]: number;
      };
      copies: components['schemas']['CopyDto'][];
    };
    LeavingDto: {
      /** Format: uuid */
      id: string;
      name: string;
      /** Format: date */
      lastOn: string;
      /** Format: date */
      goesOn: string;
    };
    RetentionDto: {
      months: number | null;
      leaving: components['schemas']['LeavingDto'][];
    };
    KeptForDto: {
      months: number | null;
    };
    BackupCopyDto: {
      name: string;
      /** Format: date-time */
      madeAt: string;
      /** @description Bytes. */
      size: number;
    };
    BackupStateDto: {
      /** @description Whether copies can be made here at all. */
      isHere: boolean;
      /** @description Whether a passphrase is set: then one is made every day. */
      isOn: boolean;
      /** @description The latest first. */
      copies: components['schemas']['BackupCopyDto'][];
      /** @description Why the last one was not made. */
      problem?: string;
    };
    PassphraseDto: {
      passphrase: string;
    };
    AskedForHomeDto: {
      /** Format: uuid */
      classId: string;
      has: ('wall' | 'chair' | 'table' | 'book' | 'cushion' | 'blanket' | 'tie' | 'towel' | 'rug')[];
    };
    HomeDraftDto: {
      draft: HomeDraft;
      /** @description Steps that are proposed to begin with. */
      chosen: number[];
      /**
       * Format: date
       * @description The last day on which all of it holds.
       */
      until: string;
    };
    ChosenStepDto: {
      step: number;
      note?: string;
      /** @description Another number a day than is usual. */
      timesADay?: number;
    };
    HomePracticeDraftDto: {
      /** Format: uuid */
      classId: string;
      has: ('wall' | 'chair' | 'table' | 'book' | 'cushion' | 'blanket' | 'tie' | 'towel' | 'rug')[];
      steps: components['schemas']['ChosenStepDto'][];
      words: string;
      whom: string;
      /** Format: date */
      until: string;
    };
    LetterDto: {
      text: string;
    };
    MailDto: {
      /** Format: uuid */
      id: string;
      /** Format: uuid */
      personId: string;
      person: string;
      /** @enum {string} */
      kind: 'home' | 'letter';
      /** Format: date-time */
      createdAt: string;
      /** Format: date-time */
      sentAt?: string;
      problem?: string;
      to: string;
      subject: string;
      text: string;
      fileName?: string;
    };
    OutboxDto: {
      mails: components['schemas']['MailDto'][];
      /** @description Whether a mail server is set; without one all stays here. */
      isOn: boolean;
      /** @description Whom it comes from. */
      from?: string;
    };
    MailDraftDto: {
      /** @enum {string} */
      kind: 'home' | 'letter';
      to: string;
      subject: string;
      text: string;
      /**
       * Format: uuid
       * @description Whose sheet goes with it, of what is practised at home.
       */
      home?: string;
      /** @description The letter that goes with it, as it was edited. */
      letter?: string;
    };
    ReportDto: {
      report: Report;
      names: {
        [key: string]: string;
      };
      unrecorded: number;
      unreadable: number;
    };
    DueDto: {
      /** Format: uuid */
      id: string;
      name: string;
      due: Due[];
    };
    EyeDto: {
      /** @description Of the first cases, how many she has not looked at yet. */
      left: number;
      /** @description How many are to be looked at again today. */
      due: number;
      answers: EyeAnswer[];
    };
    OwnEyeCaseDto: {
      /** Format: uuid */
      classId: string;
      seat: number;
    };
    EyeCaseStepDto: {
      step: number;
      text: string;
      pose: string;
      variant: string;
    };
    EyeCaseDto: {
      /** @description Of a made-up case. */
      number?: number;
      own?: components['schemas']['OwnEyeCaseDto'];
      person: Person;
      /** @description About how old she is. */
      age?: number;
      /** @description What she has, and where that stands. */
      stages: string[];
      /** @description The pose that she stopped in the last time. */
      stoppedIn?: string;
      steps: components['schemas']['EyeCaseStepDto'][];
    };
    EyeMarkDto: {
      step: number;
      /** @enum {string} */
      verdict: 'as-written' | 'eased' | 'swapped' | 'rest';
    };
    EyeAnswerDraftDto: {
      number: number;
      marks: components['schemas']['EyeMarkDto'][];
    };
    EyeAnsweredDto: {
      steps: EyeStep[];
      others: OtherHouse[];
      /** @description When it is to be looked at again, `YYYY-MM-DD`. */
      again: string;
    };
    OwnEyeAnswerDraftDto: {
      /** Format: uuid */
      classId: string;
      seat: number;
      marks: components['schemas']['EyeMarkDto'][];
    };
    OwnEyeAnsweredDto: {
      steps: EyeStep[];
      /** @description As it was written down after class. */
      happened: string[];
    };
  };
  responses: never;
  parameters: never;
  requestBodies: never;
  headers: never;
  pathItems: never;
}
export type $defs = Record<string, never>;
export interface operations {
  'Health.health': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['HealthDto'];
        };
      };
      503: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Store.check': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['CheckedSealsDto'];
        };
      };
    };
  };
  'Trail.list': {
    parameters: {
      query?: {
        from?: number;
        most?: number;
        person?: string;
      };
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['TrailEntryDto'][];
        };
      };
    };
  };
  'Trail.check': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['CheckedTrailDto'];
        };
      };
    };
  };
  'Session.current': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SessionDto'];
        };
      };
    };
  };
  'Session.signIn': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['SignInDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SessionDto'];
        };
      };
    };
  };
  'Session.signOut': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Session.demo': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SessionDto'];
        };
      };
    };
  };
  'Session.removeDemo': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Session.first': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['FirstOwnerDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SessionDto'];
        };
      };
    };
  };
  'Session.moveTo': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['HallChoiceDto'];
      };
    };
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Session.addHall': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['NewHallDto'];
      };
    };
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Account.rename': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['NewNameDto'];
      };
    };
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Account.changePassword': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['NewPasswordDto'];
      };
    };
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Account.devices': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['DeviceDto'][];
        };
      };
    };
  };
  'Account.endOthers': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Account.confirmCodes': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['CodeDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['RecoveryCodesDto'];
        };
      };
    };
  };
  'Account.beginCodes': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['CodeSetupDto'];
        };
      };
    };
  };
  'Account.endCodes': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['PasswordDto'];
      };
    };
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Member.list': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['MemberDto'][];
        };
      };
    };
  };
  'Member.invitations': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['InvitationDto'][];
        };
      };
    };
  };
  'Member.invite': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['InvitationDraftDto'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['NewLinkDto'];
        };
      };
    };
  };
  'Member.takeBack': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Member.changeRole': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['RoleDto'];
      };
    };
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Member.reset': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['NewLinkDto'];
        };
      };
    };
  };
  'Member.remove': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Link.look': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['LinkSecretDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['LinkDto'];
        };
      };
    };
  };
  'Link.take': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['TakeLinkDto'];
      };
    };
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Link.join': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['LinkSecretDto'];
      };
    };
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Hall.current': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['HallDto'];
        };
      };
    };
  };
  'Hall.saveHouseView': {
    parameters: {
      query?: never;
      header: {
        /** @description The version that was read, in quotes. */
        'If-Match': string;
      };
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['HouseViewDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['VersionDto'];
        };
      };
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Hall.saveStock': {
    parameters: {
      query?: never;
      header: {
        /** @description The version that was read, in quotes. */
        'If-Match': string;
      };
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['StockDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['VersionDto'];
        };
      };
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Hall.savePace': {
    parameters: {
      query?: never;
      header: {
        /** @description The version that was read, in quotes. */
        'If-Match': string;
      };
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['PaceDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['VersionDto'];
        };
      };
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Hall.saveRules': {
    parameters: {
      query?: never;
      header: {
        /** @description The version that was read, in quotes. */
        'If-Match': string;
      };
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['HallRulesDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['VersionDto'];
        };
      };
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Person.list': {
    parameters: {
      query?: {
        from?: number;
        most?: number;
        group?: string;
        order?: 'name' | 'changed' | 'came';
        ids?: string[];
      };
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['PersonLineDto'][];
        };
      };
    };
  };
  'Person.create': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['PersonDraftDto'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
    };
  };
  'Person.find': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['FindPeopleDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['PersonLineDto'][];
        };
      };
    };
  };
  'Person.names': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': string[];
        };
      };
    };
  };
  'Person.table': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['PersonLineDto'][];
        };
      };
    };
  };
  'Person.unreadable': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': string[];
        };
      };
    };
  };
  'Person.one': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['PersonDto'];
        };
      };
    };
  };
  'Person.update': {
    parameters: {
      query?: never;
      header: {
        /** @description The version that was read, in quotes. */
        'If-Match': string;
      };
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['PersonDraftDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Person.remove': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Person.progress': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['PersonWholeDto'];
        };
      };
    };
  };
  'Person.history': {
    parameters: {
      query?: {
        from?: number;
        most?: number;
      };
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['HistoryDto'];
        };
      };
    };
  };
  'Person.changes': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['PersonVersionDto'][];
        };
      };
    };
  };
  'Person.saveProp': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['PropNoteDto'];
      };
    };
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Person.restore': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Sequence.list': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SequenceDto'][];
        };
      };
    };
  };
  'Sequence.create': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['SequenceDraftDto'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
    };
  };
  'Sequence.one': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SequenceDto'];
        };
      };
    };
  };
  'Sequence.update': {
    parameters: {
      query?: never;
      header: {
        /** @description The version that was read, in quotes. */
        'If-Match': string;
      };
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['SequenceChangeDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Sequence.versions': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SequenceVersionLineDto'][];
        };
      };
    };
  };
  'Sequence.version': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
        version: number;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SequenceVersionDto'];
        };
      };
    };
  };
  'Course.list': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['CourseDto'][];
        };
      };
    };
  };
  'Course.create': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['CourseDraftDto'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
    };
  };
  'Course.one': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['CourseDto'];
        };
      };
    };
  };
  'Course.update': {
    parameters: {
      query?: never;
      header: {
        /** @description The version that was read, in quotes. */
        'If-Match': string;
      };
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['CourseChangeDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Course.remove': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'OwnVariant.list': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['OwnVariantDto'][];
        };
      };
    };
  };
  'OwnVariant.create': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['OwnVariantDraftDto'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedOwnVariantDto'];
        };
      };
    };
  };
  'OwnVariant.restore': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'OwnVariant.remove': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Class.list': {
    parameters: {
      query?: {
        from?: number;
        most?: number;
        when?: 'coming' | 'past';
        first?: string;
        last?: string;
        place?: string;
        group?: string;
      };
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ClassLineDto'][];
        };
      };
    };
  };
  'Class.create': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ClassDraftDto'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
    };
  };
  'Class.learnedPace': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['LearnedPaceDto'];
        };
      };
    };
  };
  'Class.one': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ClassDto'];
        };
      };
    };
  };
  'Class.update': {
    parameters: {
      query?: never;
      header: {
        /** @description The version that was read, in quotes. */
        'If-Match': string;
      };
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ClassDraftDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Class.remove': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Class.fit': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['FitDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['FittedDto'];
        };
      };
    };
  };
  'Class.inputs': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ClassInputsDto'];
        };
      };
    };
  };
  'Class.recheck': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['RecheckDto'];
        };
      };
    };
  };
  'Class.savePlan': {
    parameters: {
      query?: never;
      header: {
        /** @description The version that was read, in quotes. */
        'If-Match': string;
      };
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['PlanDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Class.atTheDoor': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['DoorDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['DoorAnswerDto'];
        };
      };
    };
  };
  'Class.saveSequence': {
    parameters: {
      query?: never;
      header: {
        /** @description The version that was read, in quotes. */
        'If-Match': string;
      };
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ClassSequenceDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Class.lastTimes': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['LastTimeDto'][];
        };
      };
    };
  };
  'Class.saveRecords': {
    parameters: {
      query?: never;
      header: {
        /** @description The version that was read, in quotes. */
        'If-Match': string;
      };
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['AfterClassDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Class.restore': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Incident.list': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['IncidentDto'][];
        };
      };
    };
  };
  'Incident.create': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['IncidentDraftDto'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
    };
  };
  'Incident.update': {
    parameters: {
      query?: never;
      header: {
        /** @description The version that was read, in quotes. */
        'If-Match': string;
      };
      path: {
        id: string;
        incident: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['IncidentDraftDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Mark.list': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['MarkDto'][];
        };
      };
    };
  };
  'Mark.keep': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
        mark: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['MarkDraftDto'];
      };
    };
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Mark.takeBack': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
        mark: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Proposal.list': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProposalsDto'];
        };
      };
    };
  };
  'Proposal.answer': {
    parameters: {
      query?: never;
      header: {
        /** @description The version that was read, in quotes. */
        'If-Match': string;
      };
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ProposalAnswerDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Proposal.ofClass': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProposedForDto'][];
        };
      };
    };
  };
  'Proposal.remembered': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['RememberedDto'][];
        };
      };
    };
  };
  'Spot.list': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SpotDto'][];
        };
      };
    };
  };
  'Spot.keep': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['SpotsDto'];
      };
    };
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Spot.forget': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Screen.there': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ScreenDto'];
        };
      };
    };
  };
  'Screen.show': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ShowDto'];
      };
    };
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Screen.make': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['NewLinkDto'];
        };
      };
    };
  };
  'Screen.end': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Screen.look': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['LookAtScreenDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['OnScreenDto'];
        };
      };
    };
  };
  'OwnWords.list': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['OwnWordsDto'][];
        };
      };
    };
  };
  'OwnWords.save': {
    parameters: {
      query?: never;
      header: {
        /** @description The version that was read, in quotes. */
        'If-Match': string;
      };
      path: {
        pose: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['OwnWordsDraftDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['OwnWordsDto'];
        };
      };
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Mine.open': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['LinkSecretDto'];
      };
    };
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Mine.mine': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['MineDto'];
        };
      };
    };
  };
  'Mine.close': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Mine.write': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['DiaryDraftDto'];
      };
    };
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Mine.takeBack': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Mine.form': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['OwnFormDto'];
        };
      };
    };
  };
  'Mine.sendForm': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['OwnAnswersDto'];
      };
    };
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'PersonLink.linkOf': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['PersonLinkDto'][];
        };
      };
    };
  };
  'PersonLink.makeLink': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['NewLinkDto'];
        };
      };
    };
  };
  'PersonLink.endLinks': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'PersonLink.everything': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['EverythingDto'];
        };
      };
    };
  };
  'PersonLink.answersOf': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SentAnswersDto'][];
        };
      };
    };
  };
  'PersonLink.answersDone': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'PersonLink.diaryOf': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['DiaryEntryDto'][];
        };
      };
    };
  };
  'Network.status': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['NetworkDto'];
        };
      };
    };
  };
  'Network.switch': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['NetworkSwitchDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['NetworkDto'];
        };
      };
    };
  };
  'Place.list': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['PlaceDto'][];
        };
      };
    };
  };
  'Place.create': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['PlaceDraftDto'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
    };
  };
  'Place.update': {
    parameters: {
      query?: never;
      header: {
        /** @description The version that was read, in quotes. */
        'If-Match': string;
      };
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['PlaceDraftDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Place.remove': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Group.list': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['GroupDto'][];
        };
      };
    };
  };
  'Group.create': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['GroupDraftDto'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
    };
  };
  'Group.one': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['GroupDto'];
        };
      };
    };
  };
  'Group.update': {
    parameters: {
      query?: never;
      header: {
        /** @description The version that was read, in quotes. */
        'If-Match': string;
      };
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['GroupDraftDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Group.remove': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Group.onDay': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['OtherDayDto'];
      };
    };
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Group.restore': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Document.list': {
    parameters: {
      query: {
        person: string;
      };
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['DocumentDto'][];
        };
      };
    };
  };
  'Document.begin': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['DocumentDraftDto'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['BegunDocumentDto'];
        };
      };
    };
  };
  'Document.read': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/pdf': string;
          'image/jpeg': string;
          'image/png': string;
        };
      };
    };
  };
  'Document.keep': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/pdf': string;
        'image/jpeg': string;
        'image/png': string;
      };
    };
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Document.restore': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Document.remove': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Sheet.one': {
    parameters: {
      query?: {
        /** @description In ink: light tones with an outline, for black and white. */
        ink?: 'true' | 'false';
        /** @description Picture cards without their names, for children who do not read yet. */
        wordless?: 'true' | 'false';
      };
      header?: never;
      path: {
        id: string;
        kind: 'class' | 'large' | 'handover' | 'mats' | 'pictures' | 'poses';
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/pdf': string;
        };
      };
    };
  };
  'Calendar.feed': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['FeedDto'];
        };
      };
    };
  };
  'Calendar.make': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['NewLinkDto'];
        };
      };
    };
  };
  'Calendar.end': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'CalendarFeed.read': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        secret: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'text/calendar; charset=utf-8': string;
        };
      };
    };
  };
  'Erasure.erase': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['EraseDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ErasedDto'];
        };
      };
    };
  };
  'Erasure.kept': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['RetentionDto'];
        };
      };
    };
  };
  'Erasure.keepFor': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['KeptForDto'];
      };
    };
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Backup.state': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['BackupStateDto'];
        };
      };
    };
  };
  'Backup.set': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['PassphraseDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['BackupStateDto'];
        };
      };
    };
  };
  'Backup.forget': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Backup.file': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/octet-stream': string;
        };
      };
    };
  };
  'Home.draft': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['AskedForHomeDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['HomeDraftDto'];
        };
      };
    };
  };
  'Home.list': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['HomePracticeDto'][];
        };
      };
    };
  };
  'Home.keep': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['HomePracticeDraftDto'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['HomePracticeDto'];
        };
      };
    };
  };
  'Home.end': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
        home: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Home.sheet': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
        home: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/pdf': string;
        };
      };
    };
  };
  'Letter.draft': {
    parameters: {
      query: {
        to: 'doctor' | 'midwife' | 'physiotherapist';
      };
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['LetterDto'];
        };
      };
    };
  };
  'Letter.pdf': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['LetterDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/pdf': string;
        };
      };
    };
  };
  'Mail.outbox': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['OutboxDto'];
        };
      };
    };
  };
  'Mail.put': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['MailDraftDto'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['MailDto'];
        };
      };
    };
  };
  'Mail.file': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/pdf': string;
        };
      };
    };
  };
  'Mail.send': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['MailDto'];
        };
      };
    };
  };
  'Mail.remove': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Report.one': {
    parameters: {
      query: {
        first: string;
        last: string;
        group?: string;
      };
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ReportDto'];
        };
      };
    };
  };
  'Due.week': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['DueDto'][];
        };
      };
    };
  };
  'Eye.state': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['EyeDto'];
        };
      };
    };
  };
  'Eye.next': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['EyeCaseDto'];
        };
      };
    };
  };
  'Eye.answer': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['EyeAnswerDraftDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['EyeAnsweredDto'];
        };
      };
    };
  };
  'Eye.own': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['EyeCaseDto'];
        };
      };
    };
  };
  'Eye.answerOwn': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['OwnEyeAnswerDraftDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['OwnEyeAnsweredDto'];
        };
      };
    };
  };
}
