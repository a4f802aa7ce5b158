/** The rooms and the one way through them: core imports nobody; server and web import core by its faces only. */
const PIPELINE = [
  'units',
  'build',
  'kernel',
  'truck',
  'limits',
  'subjects',
  'advice',
  'compare',
  'demonstration',
  'exchange',
  'papers',
];

/** A room may import the rooms before it, never those after. */
const oneWay = PIPELINE.slice(0, -1).map((room, i) => ({
  name: `core-${room}-looks-back-only`,
  severity: 'error',
  from: { path: `^core/${room}/`, pathNot: '\\.test\\.ts$' },
  to: { path: `^core/(${PIPELINE.slice(i + 1).join('|')})/` },
}));

module.exports = {
  forbidden: [
    ...oneWay,
    {
      name: 'no-circles',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    {
      name: 'core-is-alone',
      severity: 'error',
      from: { path: '^core/' },
      to: { path: '^(server|web|e2e|scripts)/' },
    },
    {
      name: 'core-has-no-interface',
      severity: 'error',
      from: { path: '^core/' },
      to: { path: 'node_modules/(react|@mantine|@nestjs|typeorm|pg)/' },
    },
    {
      name: 'server-not-web',
      severity: 'error',
      comment: 'Its papers show the drawings and charts of the screens, as pictures.',
      from: { path: '^server/' },
      to: { path: '^web/', pathNot: '^web/pictures/face' },
    },
    { name: 'web-not-server', severity: 'error', from: { path: '^web/' }, to: { path: '^server/' } },
    {
      name: 'by-the-face',
      comment:
        'A folder is entered by its index only, and a subject is a folder of its own. The pictures take from drawing and chart what no screen needs.',
      severity: 'error',
      from: { path: '^(core|server|web)/(subjects/[^/]+|[^/]+)/', pathNot: '^web/pictures/' },
      to: {
        path: '^(core|server|web)/[^/]+/',
        pathNot: [
          '^$1/$2/',
          '^(core|server|web)/(subjects/[^/]+|[^/]+)/index\\.tsx?$',
          '^web/pictures/face',
          '^web/subjects/face',
          '^server/test/',
          '^core/test/',
          '^server/app',
        ],
      },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['source', 'import', 'types', 'default'],
      extensions: ['.ts', '.tsx', '.js', '.mjs', '.css'],
    },
  },
};
