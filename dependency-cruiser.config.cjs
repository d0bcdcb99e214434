/** Imports run one way: app -> features -> components/store/workers/devices -> records -> core. */
const layer = (name, from, to) => ({
  name,
  severity: "error",
  from: { path: from },
  to: { path: to },
});
module.exports = {
  forbidden: [
    { name: "no-circular", severity: "error", from: {}, to: { circular: true } },
    {
      name: "no-circular-folders",
      comment: "Two folders that need each other are one folder, or hide a third.",
      severity: "error",
      scope: "folder",
      from: {},
      to: { circular: true },
    },
    layer("core-stands-alone", "^src/core/", "^src/(records|store|workers|devices|components|features|app)/"),
    layer("core-has-no-framework", "^src/core/", "node_modules/(react|next|dexie|radix-ui)"),
    layer("records-know-only-core", "^src/records/", "^src/(store|workers|devices|components|features|app)/"),
    layer("store-knows-records-and-core", "^src/store/", "^src/(workers|devices|components|features|app)/"),
    layer("workers-are-shells-over-core", "^src/workers/", "^src/(records|store|devices|components|features|app)/"),
    layer("devices-know-only-core", "^src/devices/", "^src/(records|store|workers|components|features|app)/"),
    layer("components-know-no-trade", "^src/components/", "^src/(core/(?!kept/)|records|store|workers|devices|features|app)/"),
    layer("features-do-not-know-routes", "^src/features/", "^src/app/"),
    {
      name: "station-instruments-stay-apart",
      comment: "A station is one core folder and one feature folder; the traveller reaches it through the registry only.",
      severity: "error",
      from: { path: "^src/features/(?!stations/)" },
      to: { path: "^src/features/stations/[^/]+/" },
    },
    {
      name: "stations-do-not-know-each-other",
      severity: "error",
      from: { path: "^src/core/stations/([^/]+)/" },
      to: { path: "^src/core/stations/([^/]+)/", pathNot: "^src/core/stations/$1/" },
    },
    {
      name: "instruments-do-not-know-each-other",
      comment: "What two stations share is no station's own: it stands in shared, or in a folder of its topic.",
      severity: "error",
      from: { path: "^src/features/stations/([^/]+)/" },
      to: { path: "^src/features/stations/([^/]+)/", pathNot: "^src/features/stations/($1|shared)/" },
    },
    {
      name: "answers-stay-in-workers",
      comment: "Who answers long questions is heavy, and slow: screens ask, workers answer.",
      severity: "error",
      from: { path: "^src/(features|app|store|components|records|core/(?!study/))", pathNot: "\\.worker\\.ts$" },
      to: { path: "^src/core/study/answer\\.ts$" },
    },
    {
      name: "no-unresolved",
      severity: "error",
      from: {},
      to: { couldNotResolve: true },
    },
  ],
  options: {
    tsConfig: { fileName: "tsconfig.json" },
    tsPreCompilationDeps: true,
    doNotFollow: { path: "node_modules" },
    // Tests may look everywhere; the house stands without them.
    exclude: { path: ["\\.test\\.tsx?$", "^tests/"] },
    enhancedResolveOptions: {
      exportsFields: ["exports"],
      conditionNames: ["import", "require", "node", "default", "types"],
      mainFields: ["module", "main", "types"],
    },
  },
};
