/** The structure of the code, checked by `npm test`: imports point one way, and none of them in a circle. */

/** Rooms of the core, the lowest first: each knows only those below it. */
const onlyBelow = (rooms) =>
  rooms
    .map((room, i) => ({
      name: `${room}-knows-only-below`,
      severity: 'error',
      from: { path: `^core/src/${room}/` },
      to: { path: rooms.slice(i + 1).map((above) => `^core/src/${above}/`) },
    }))
    .filter(({ to }) => to.path.length > 0);

module.exports = {
  forbidden: [
    {
      name: 'no-circles',
      comment: 'Two files that need each other are one idea in two, or two that want a third below them.',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'no-circles-of-rooms',
      comment: 'Two rooms of the core never need each other, not even by different files.',
      severity: 'error',
      scope: 'folder',
      from: { path: '^core/src/[^/]+$' },
      to: { circular: true },
    },
    ...onlyBelow(['record', 'clocks', 'trail', 'judge', 'plan', 'meal']),
    {
      name: 'schedule-knows-no-food',
      comment: 'It places tasks; what they are of is known above it.',
      severity: 'error',
      from: { path: '^core/src/schedule/' },
      to: { path: '^core/src/', pathNot: '^core/src/(schedule|chance)/' },
    },
    {
      name: 'places-by-their-index',
      comment: 'What a place of the app gives to others stands in its index; the rest is its own.',
      severity: 'error',
      from: { path: '^app/src/features/([^/]+)/' },
      to: {
        path: '^app/src/features/([^/]+)/',
        pathNot: ['^app/src/features/$1/', '^app/src/features/[^/]+/index\\.ts$'],
      },
    },
    {
      name: 'devices-know-the-core',
      comment:
        'A stand-in speaks the open address and nothing else, so that a real device needs nothing else.',
      severity: 'error',
      from: { path: '^devices/' },
      to: { path: '^(app|server|scripts)/' },
    },
    {
      name: 'one-way',
      comment: 'The app and the server know the core; the core knows nobody, and neither knows the other.',
      severity: 'error',
      from: { path: '^(core|server|app)/' },
      to: { path: '^(server|app)/', pathNot: '^$1/' },
    },
  ],
  options: {
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    doNotFollow: { path: 'node_modules' },
    // A test may tell a whole story, and nobody imports one.
    exclude: { path: 'node_modules|/dist/|\\.test\\.tsx?$|^core/src/testing/' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'types', 'default'],
      extensions: ['.ts', '.tsx', '.js', '.cjs'],
    },
  },
};
