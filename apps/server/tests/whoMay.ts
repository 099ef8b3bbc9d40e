/**
 * Who may ask for what: every route of the contract, and the roles that are let in. `anyone` needs not be signed in.
 * Where a route has `{id}` or `{key}` it is of a row: another hall's is answered as one that is not there.
 */
import type { Role } from '../src/common/context.js';

type Who = readonly (Role | 'anyone')[];

const ANYONE: Who = ['anyone'];
const OWNER: Who = ['owner'];
const TEACHERS: Who = ['owner', 'teacher'];
const STAFF: Who = ['owner', 'teacher', 'assistant'];
const PERSON: Who = ['person'];

export const WHO_MAY: Readonly<Record<string, Who>> = {
  'GET /api/health': ANYONE,

  'GET /api/session': ANYONE,
  'POST /api/session': ANYONE,
  'POST /api/session/demo': ANYONE,
  'POST /api/session/first': ANYONE,
  'DELETE /api/session': STAFF,
  'PUT /api/session/hall': STAFF,
  'POST /api/session/halls': OWNER,
  'DELETE /api/session/demo': OWNER,

  'PUT /api/account/name': STAFF,
  'PUT /api/account/password': STAFF,
  'GET /api/account/devices': STAFF,
  'DELETE /api/account/devices': STAFF,
  'POST /api/account/codes': STAFF,
  'PUT /api/account/codes': STAFF,
  'POST /api/account/codes/end': STAFF,

  'GET /api/members': OWNER,
  'GET /api/members/invitations': OWNER,
  'POST /api/members/invitations': OWNER,
  'DELETE /api/members/invitations/{id}': OWNER,
  'PUT /api/members/{id}/role': OWNER,
  'POST /api/members/{id}/reset': OWNER,
  'DELETE /api/members/{id}': OWNER,

  'POST /api/links/look': ANYONE,
  'POST /api/links/take': ANYONE,
  'POST /api/links/join': STAFF,

  'GET /api/network': OWNER,
  'PUT /api/network': OWNER,

  'GET /api/classes/{id}/sheets/{kind}': STAFF,

  'GET /api/hall': STAFF,
  'PUT /api/hall/stock': STAFF,
  'PUT /api/hall/house-view': TEACHERS,
  'PUT /api/hall/pace': TEACHERS,
  'PUT /api/hall/rules': TEACHERS,

  'GET /api/people': TEACHERS,
  'POST /api/people': TEACHERS,
  'POST /api/people/find': TEACHERS,
  'GET /api/words': TEACHERS,
  'PUT /api/words/{pose}': TEACHERS,
  'GET /api/screen': TEACHERS,
  'POST /api/screen': TEACHERS,
  'PUT /api/screen': TEACHERS,
  'DELETE /api/screen': TEACHERS,
  'POST /api/screen/look': ANYONE,
  'GET /api/calendar': STAFF,
  'POST /api/calendar': STAFF,
  'DELETE /api/calendar': STAFF,
  'GET /api/calendar/{secret}.ics': ANYONE,
  'GET /api/people/names': TEACHERS,
  'GET /api/people/table': TEACHERS,
  'GET /api/people/unreadable': TEACHERS,
  'GET /api/people/{id}': TEACHERS,
  'PUT /api/people/{id}': TEACHERS,
  'DELETE /api/people/{id}': TEACHERS,
  'PUT /api/people/{id}/props': TEACHERS,
  'POST /api/people/{id}/restore': TEACHERS,
  'POST /api/people/{id}/erase': TEACHERS,
  'GET /api/people/{id}/link': TEACHERS,
  'POST /api/people/{id}/link': TEACHERS,
  'DELETE /api/people/{id}/link': TEACHERS,
  'GET /api/people/{id}/diary': TEACHERS,
  'GET /api/people/{id}/changes': TEACHERS,
  'GET /api/people/{id}/everything': TEACHERS,
  'GET /api/people/{id}/answers': TEACHERS,
  'DELETE /api/people/{id}/answers': TEACHERS,

  'GET /api/retention': OWNER,
  'PUT /api/retention': OWNER,
  'GET /api/trail': OWNER,
  'GET /api/trail/check': OWNER,
  'GET /api/store/check': OWNER,

  'GET /api/sequences': TEACHERS,
  'POST /api/sequences': TEACHERS,
  'GET /api/sequences/{id}': TEACHERS,
  'PUT /api/sequences/{id}': TEACHERS,
  'GET /api/sequences/{id}/versions': TEACHERS,
  'GET /api/sequences/{id}/versions/{version}': TEACHERS,

  'GET /api/courses': TEACHERS,
  'POST /api/courses': TEACHERS,
  'GET /api/courses/{id}': TEACHERS,
  'PUT /api/courses/{id}': TEACHERS,
  'DELETE /api/courses/{id}': TEACHERS,

  'GET /api/groups': TEACHERS,
  'POST /api/groups': TEACHERS,
  'GET /api/groups/{id}': TEACHERS,
  'PUT /api/groups/{id}': TEACHERS,
  'DELETE /api/groups/{id}': TEACHERS,
  'POST /api/groups/{id}/restore': TEACHERS,
  'PUT /api/groups/{id}/day': TEACHERS,

  'GET /api/classes/pace': TEACHERS,
  'GET /api/incidents': TEACHERS,
  'POST /api/people/{id}/incidents': TEACHERS,
  'PUT /api/people/{id}/incidents/{incident}': TEACHERS,
  'GET /api/people/{id}/proposals': TEACHERS,
  'GET /api/classes/{id}/proposals': TEACHERS,
  'GET /api/classes/{id}/remembered': TEACHERS,
  'PUT /api/people/{id}/proposals': TEACHERS,
  'GET /api/classes/{id}/last': TEACHERS,
  'GET /api/classes/{id}/marks': TEACHERS,
  'PUT /api/classes/{id}/marks/{mark}': TEACHERS,
  'DELETE /api/classes/{id}/marks/{mark}': TEACHERS,
  'GET /api/classes/{id}/spots': STAFF,
  'PUT /api/classes/{id}/spots': STAFF,
  'DELETE /api/classes/{id}/spots': STAFF,

  'GET /api/documents': TEACHERS,
  'POST /api/documents': TEACHERS,
  'GET /api/documents/{id}/file': TEACHERS,
  'PUT /api/documents/{id}/file': TEACHERS,
  'POST /api/documents/{id}/restore': TEACHERS,
  'DELETE /api/documents/{id}': TEACHERS,

  'GET /api/places': STAFF,
  'POST /api/places': TEACHERS,
  'PUT /api/places/{id}': TEACHERS,
  'DELETE /api/places/{id}': TEACHERS,

  'GET /api/own-variants': STAFF,
  'POST /api/own-variants': TEACHERS,
  'POST /api/own-variants/{key}/restore': TEACHERS,
  'DELETE /api/own-variants/{key}': TEACHERS,

  'GET /api/classes': STAFF,
  'POST /api/classes': TEACHERS,
  'GET /api/classes/{id}': STAFF,
  'PUT /api/classes/{id}': TEACHERS,
  'DELETE /api/classes/{id}': TEACHERS,
  'POST /api/classes/fit': TEACHERS,
  'GET /api/classes/{id}/inputs': TEACHERS,
  'GET /api/classes/{id}/recheck': TEACHERS,
  'PUT /api/classes/{id}/door': TEACHERS,
  'PUT /api/classes/{id}/plan': TEACHERS,
  'PUT /api/classes/{id}/sequence': TEACHERS,
  'PUT /api/classes/{id}/record': TEACHERS,
  'POST /api/classes/{id}/restore': TEACHERS,

  'POST /api/mine/open': ANYONE,
  'GET /api/mine': PERSON,
  'DELETE /api/mine': PERSON,
  'GET /api/mine/form': PERSON,
  'PUT /api/mine/form': PERSON,
  'POST /api/mine/diary': PERSON,
  'DELETE /api/mine/diary/{id}': PERSON,
};
