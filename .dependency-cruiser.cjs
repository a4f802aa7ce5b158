/** The rooms and the one way through them: core imports nobody; server and web import core by its faces only. */
const PIPELINE = ['units', 'catalogue', 'spec', 'demonstration', 'rig', 'weights', 'site', 'review', 'mending', 'study', 'report'];

/** A subject may import the subjects before it, never those after. */
const oneWay = PIPELINE.slice(0, -1).map((subject, i) => ({
  name: `core-${subject}-looks-back-only`,
  severity: 'error',
  from: { path: `^core/${subject}/`, pathNot: '\\.test\\.ts$' },
  to: { path: `^core/(${PIPELINE.slice(i + 1).join('|')})/` },
}));

module.exports = {
  forbidden: [
    ...oneWay,
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } } },
    { name: 'core-is-alone', severity: 'error', from: { path: '^core/' }, to: { path: '^(server|web|e2e|scripts)/' } },
    { name: 'core-has-no-interface', severity: 'error', from: { path: '^core/' }, to: { path: 'node_modules/(react|@mantine|@nestjs|typeorm|pg)/' } },
    { name: 'server-not-web', severity: 'error', comment: 'Its papers show the drawings and charts of the screens, as pictures.', from: { path: '^server/' }, to: { path: '^web/', pathNot: '^web/pictures/face' } },
    { name: 'web-not-server', severity: 'error', from: { path: '^web/' }, to: { path: '^server/' } },
    {
      name: 'by-the-face', comment: 'A folder is entered by its index only. The pictures take from drawing and chart what no screen needs.', severity: 'error',
      from: { path: '^(core|server|web)/([^/]+)/', pathNot: '^web/pictures/' },
      to: { path: '^(core|server|web)/[^/]+/', pathNot: ['^$1/$2/', '^(core|server|web)/[^/]+/index\\.tsx?$', '^web/pictures/face', '^server/test/', '^core/test/', '^server/app'] },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['source', 'import', 'types', 'default'], extensions: ['.ts', '.tsx', '.js', '.mjs', '.css'] },
  },
};
