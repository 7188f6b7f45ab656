const { existsSync, readdirSync } = require('node:fs');

/**
 * The order of core's folders, from the ground up: a folder imports only from those above it in this list, types included.
 * What stands in one line is side by side, and does not know the others of its line.
 */
const coreStoreys = {
  ground: [['plain', 'units', 'messages'], ['rig'], ['situation'], ['statics'], ['uncertainty']],
  'rig and loads': [['entry', 'library', 'plates'], ['loading'], ['scale'], ['loads'], ['state']],
  judging: [['checks'], ['limits'], ['rules'], ['jurisdictions'], ['rulebook'], ['verdict']],
  jobs: [['weighing', 'balance', 'uprating'], ['packing', 'pairing', 'due'], ['road']],
  document: [['document'], ['edits'], ['files']],
};
const coreFolders = Object.values(coreStoreys).flat();

/** The order of the web's folders, read the same way: what works apart, what is kept, what is in hand, how it is said and asked, what is shown. */
const webFolders = [
  ['workers'],
  ['storage'],
  ['stores'],
  ['words', 'charts'],
  ['fields'],
  ['rig-drawing', 'slips', 'files'],
  ['shared'],
  ['stations'],
  ['app'],
];

/** A new folder takes its place in its list above, whether anything imports it yet or not. */
const unplaced = [
  ['core', [...coreFolders.flat(), 'entries', 'testing']],
  ['web', [...webFolders.flat(), 'testing']],
].flatMap(([of, placed]) =>
  (existsSync(`${of}/src`) ? readdirSync(`${of}/src`, { withFileTypes: true }) : [])
    .filter((entry) => entry.isDirectory() && !placed.includes(entry.name))
    .map(({ name }) => `${of}/src/${name}`),
);
if (unplaced.length > 0)
  throw new Error(`folders-are-in-the-order: ${unplaced.join(', ')} is not in the lists of .dependency-cruiser.cjs`);

const notTested = '\\.(test|bench)\\.ts$|^(core|web)/src/testing/';

const folderOrder = [
  ['core', coreFolders],
  ['web', webFolders],
].flatMap(([of, folders]) =>
  folders.flatMap((line, at) =>
    line.map((folder) => {
      const later = [...line.filter((other) => other !== folder), ...folders.slice(at + 1).flat()];
      return {
        name: `${of}-order-${folder}`,
        comment: `${folder} knows only what stands below it`,
        severity: 'error',
        from: { path: `^${of}/src/${folder}/`, pathNot: notTested },
        to: { path: `^${of}/src/(${[...later, 'testing'].join('|')})/` },
      };
    }),
  ),
);

/** One direction of dependency: web, server and cli may use core and the words; core uses nothing of ours. */
module.exports = {
  forbidden: [
    ...folderOrder,
    {
      name: 'rules-see-loads-alone',
      comment: 'a rule asks the one interface of loads, and does not know whether they were planned or weighed',
      severity: 'error',
      from: { path: '^core/src/(rulebook|rules|checks|jurisdictions)/', pathNot: notTested },
      to: { path: '^core/src/loads/', pathNot: '^core/src/loads/(loads|referenceMass)\\.ts$' },
    },
    {
      name: 'one-state-of-a-rig',
      comment:
        'loads are asked of the state, which weighs list and slips: only it, and what sets a slip beside its plan, brings a list down to loads',
      severity: 'error',
      from: {
        path: '^core/src/',
        pathNot: `^core/src/(loads|state|weighing|testing|entries)/|^core/src/road/planAgainstLog\\.ts$|${notTested}`,
      },
      to: { path: '^core/src/(loads/(compile|weighedOn)|weighing/measured)\\.ts$', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'slips-by-their-own-entry',
      comment:
        'what a list or a slip comes to by itself is no answer of the rig: it has an entry of its own, for the pictures of a slip',
      severity: 'error',
      from: { path: '^core/src/entries/', pathNot: '^core/src/entries/weighing\\.ts$' },
      to: { path: '^core/src/(loads/(compile|weighedOn)|weighing/measured)\\.ts$', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'core-imports-nothing-outward',
      comment: 'core is data in, data out: no interface, storage, server or words',
      severity: 'error',
      from: { path: '^core/src' },
      to: {
        dependencyTypesNot: ['core'],
        pathNot: [
          '^core/src',
          '^node_modules/(zod|jsonc-parser|date-fns|mutative|ml-matrix|papaparse|@types/papaparse|fflate|crc)/',
          '^node_modules/(vitest|fast-check)/',
          // Its types, and in tests the solver itself: whoever calls hands it in.
          '^node_modules/highs/',
          '^examples/',
          '^docs/',
          '^node:',
        ],
      },
    },
    {
      name: 'core-needs-no-node',
      severity: 'error',
      from: { path: '^core/src', pathNot: notTested },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'nobody-reaches-across',
      comment: 'web, server and cli do not know each other, and papers know none of them',
      severity: 'error',
      from: { path: '^(papers|web|server|cli)/src' },
      to: { path: '^(web|server|cli)/src', pathNot: '^$1/src' },
    },
    {
      name: 'core-by-its-front-door',
      severity: 'error',
      from: { path: '^(papers|web|server|cli)/src' },
      to: { path: '^core/src/', pathNot: '^core/src/entries/' },
    },
    {
      name: 'stations-do-not-know-each-other',
      severity: 'error',
      from: { path: '^web/src/stations/([^/]+)/' },
      to: { path: '^web/src/stations/([^/]+)/', pathNot: '^web/src/stations/$1/' },
    },
    {
      name: 'charts-by-one-door',
      comment: 'the chart library takes words for HTML: one component sees to it that they are text',
      severity: 'error',
      from: { path: '^web/src', pathNot: '^web/src/charts/PlainChart\\.vue$' },
      to: { path: 'vue3-apexcharts' },
    },
    {
      name: 'no-circles',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'nothing-unresolved',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, pathNot: '^virtual:|\\?url$|^pdfmake/interfaces$' },
    },
  ],
  options: {
    doNotFollow: { path: '^node_modules' },
    exclude: { path: ['^web/dist/', '^coverage/'] },
    tsConfig: { fileName: 'tsconfig.base.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'types', 'default'],
      extensions: ['.ts', '.vue', '.js', '.mjs', '.json'],
    },
  },
};
