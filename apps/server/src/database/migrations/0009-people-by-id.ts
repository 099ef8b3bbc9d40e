import { QueryTypes, type QueryInterface } from 'sequelize';
import type { Migration } from '../migration.js';

/** An entry that says whom it is about: by name before, by id after. */
type About = { person?: string; personId?: string };
type Row = { id: string; people: string; choices: string; output: string | null };

/** Rewrites choices and fittings of every class, entry by entry. */
async function rewrite(
  query: QueryInterface,
  entry: (about: About, ids: ReadonlyMap<string, string>, where: 'choice' | 'fitting') => About,
): Promise<void> {
  const rows = await query.sequelize.query<Row>(
    'SELECT c.id, c.people, c.choices, f.output FROM classes c LEFT JOIN fittings f ON f.classId = c.id',
    { type: QueryTypes.SELECT },
  );
  for (const { id, people, choices, output } of rows) {
    const ids = new Map(
      (JSON.parse(people) as { id: string; person: { name: string } }[]).map((one) => [
        one.person.name,
        one.id,
      ]),
    );
    const all = (list: About[] | undefined, where: 'choice' | 'fitting') =>
      (list ?? []).map((about) => entry(about, ids, where));
    const chosen = JSON.parse(choices) as { overrides: About[] };
    await query.sequelize.query('UPDATE classes SET choices = ? WHERE id = ?', {
      replacements: [JSON.stringify({ ...chosen, overrides: all(chosen.overrides, 'choice') }), id],
    });
    if (!output) continue;
    const fitting = JSON.parse(output) as { lanes: About[]; places?: About[]; refused?: About[] };
    const moved = {
      ...fitting,
      lanes: all(fitting.lanes, 'fitting'),
      places: all(fitting.places, 'fitting'),
      refused: all(fitting.refused, 'fitting'),
    };
    await query.sequelize.query('UPDATE fittings SET output = ? WHERE classId = ?', {
      replacements: [JSON.stringify(moved), id],
    });
  }
}

/** Choices and fittings speak of people by id; a fitting says the name too, for whoever reads it. */
export const migration: Migration = {
  name: '0009-people-by-id',
  async up(query) {
    await rewrite(query, ({ person, personId, ...rest }, ids, where) => {
      const id = personId ?? ids.get(person ?? '') ?? person ?? '';
      return where === 'choice' ? { personId: id, ...rest } : { personId: id, person: person ?? '', ...rest };
    });
  },
  async down(query) {
    await rewrite(query, ({ person, personId, ...rest }, ids) => {
      const name = [...ids].find(([, id]) => id === personId)?.[0];
      return { person: name ?? person ?? personId ?? '', ...rest };
    });
  },
};
