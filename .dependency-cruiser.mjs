/** Which way imports may run. Checked by the lint step. */
const CORE = '^packages/core/';
const ROOMS = 'person|ways|path|together|time|explain';

/** Folders of the core from the ground up: each may use those before it, never those after it. */
const FLOORS = ['body', 'calendar', 'poses', 'people|rules|reading', 'props', 'plan', 'fitting'];
const upwards = FLOORS.slice(0, -1).map((floor, i) => ({
  name: `core-${floor.replaceAll('|', '-')}-looks-up`,
  severity: 'error',
  from: { path: `${CORE}src/(${floor})/` },
  to: { path: `${CORE}src/(${FLOORS.slice(i + 1).join('|')})/` },
}));

/** What each room of fitting may use of the others. */
const USES = {
  ways: [],
  person: ['ways'],
  path: ['person', 'ways'],
  together: ['person', 'path'],
  time: ['person'],
  explain: ['person', 'ways', 'path'],
};
const betweenRooms = Object.entries(USES).map(([room, uses]) => ({
  name: `fitting-${room}`,
  severity: 'error',
  from: { path: `${CORE}src/fitting/${room}/` },
  to: {
    path: `${CORE}src/fitting/(${ROOMS}|[a-zA-Z]+\\.ts$)`,
    pathNot: [
      `${CORE}src/fitting/${room}/`,
      ...uses.map((other) => `${CORE}src/fitting/${other}/index\\.ts$`),
      // Types and numbers that several rooms need.
      `${CORE}src/fitting/(types|weights|cache)\\.ts$`,
    ],
  },
}));

export default {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    ...upwards,
    ...betweenRooms,
    {
      name: 'rooms-by-their-front-door',
      severity: 'error',
      from: { path: `${CORE}src/`, pathNot: `${CORE}src/fitting/(${ROOMS})/` },
      to: { path: `${CORE}src/fitting/(${ROOMS})/`, pathNot: '/index\\.ts$' },
    },
    {
      name: 'the-core-is-handed-its-data',
      severity: 'error',
      from: { path: `${CORE}src/` },
      to: { path: `${CORE}(catalogue|builtIn)/` },
    },
    {
      name: 'data-knows-the-authoring-words-only',
      severity: 'error',
      from: { path: `${CORE}catalogue/` },
      to: { pathNot: [`${CORE}catalogue/`, `${CORE}src/authoring/`] },
    },
    {
      name: 'the-core-stands-alone',
      severity: 'error',
      from: { path: `${CORE}(src|catalogue)/` },
      to: {
        pathNot: [`${CORE}(src|catalogue)/`, '^node_modules/(date-fns|fastest-levenshtein|gl-matrix)/'],
      },
    },
    {
      name: 'the-figure-knows-the-body-alone',
      severity: 'error',
      from: { path: '^packages/figure/' },
      to: { path: `^(apps/|${CORE}(?!src/(body/|body\\.ts)))` },
    },
    {
      name: 'the-sculpture-is-made-beforehand',
      severity: 'error',
      from: { path: '^packages/figure/src/' },
      to: { path: '^packages/figure/sculpt/' },
    },
    {
      name: 'features-never-each-other',
      severity: 'error',
      from: { path: '^apps/web/src/features/([^/]+)/' },
      to: { path: '^apps/web/src/features/', pathNot: '^apps/web/src/features/$1/' },
    },
    {
      name: 'nothing-knows-the-features-but-the-app',
      severity: 'error',
      from: { path: '^apps/web/src/(domain|data|ui|workers)/' },
      to: { path: '^apps/web/src/(features|app)/' },
    },
    {
      name: 'ui-knows-neither-api-nor-core',
      severity: 'error',
      from: { path: '^apps/web/src/ui/' },
      to: { path: '^(apps/web/src/(domain|data|workers)/|packages/)' },
    },
    {
      name: 'data-shows-nothing',
      severity: 'error',
      from: { path: '^apps/web/src/data/' },
      to: { path: '^(apps/web/src/(domain|ui|workers)/|node_modules/react-router)' },
    },
    {
      name: 'workers-have-no-page',
      severity: 'error',
      from: { path: '^apps/web/src/workers/.*Work\\.ts$' },
      to: { path: '^(apps/web/src/(domain|ui)/|node_modules/react)' },
    },
    {
      name: 'the-web-reads-the-built-in-catalogue-as-a-file',
      severity: 'error',
      from: { path: '^apps/web/src/' },
      to: { path: `${CORE}(catalogue/poseData|builtIn/index)` },
    },
    {
      name: 'the-web-knows-no-server',
      severity: 'error',
      from: { path: '^apps/web/src/' },
      to: { path: '^(apps/server/|node:|node_modules/(@nestjs|sequelize|mariadb))' },
    },
    {
      name: 'the-server-knows-no-web',
      severity: 'error',
      from: { path: '^apps/server/src/' },
      to: { path: '^(apps/web/|node_modules/react)' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(dist|generated)/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      conditionNames: ['source', 'import', 'types', 'default'],
      exportsFields: ['exports'],
    },
  },
};
