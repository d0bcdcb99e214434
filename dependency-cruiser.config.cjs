/** Imports run one way: app -> features -> components/store/workers/devices -> records -> core. */
const layer = (name, from, to) => ({
  name,
  severity: "error",
  from: { path: from, pathNot: "\\.test\\.tsx?$" },
  to: { path: to },
});
module.exports = {
  forbidden: [
    { name: "no-circular", severity: "error", from: {}, to: { circular: true } },
    layer("core-stands-alone", "^src/core/", "^src/(records|store|workers|devices|components|features|app)/"),
    layer("core-has-no-framework", "^src/core/", "node_modules/(react|next|dexie|radix-ui)"),
    layer("records-know-only-core", "^src/records/", "^src/(store|workers|devices|components|features|app)/"),
    layer("store-knows-records-and-core", "^src/store/", "^src/(workers|devices|components|features|app)/"),
    layer("components-know-no-trade", "^src/components/", "^src/(core/(?!kept/)|records|store|workers|devices|features|app)/"),
    layer("features-do-not-know-routes", "^src/features/", "^src/app/"),
    {
      name: "station-instruments-stay-apart",
      comment: "A station is one core folder and one feature folder; the traveller reaches it through the registry only.",
      severity: "error",
      from: { path: "^src/features/(?!stations/)", pathNot: "\\.test\\.tsx?$" },
      to: { path: "^src/features/stations/[^/]+/" },
    },
    {
      name: "stations-do-not-know-each-other",
      severity: "error",
      from: { path: "^src/core/stations/([^/]+)/", pathNot: "\\.test\\.ts$" },
      to: { path: "^src/core/stations/([^/]+)/", pathNot: "^src/core/stations/$1/" },
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
    enhancedResolveOptions: {
      exportsFields: ["exports"],
      conditionNames: ["import", "require", "node", "default", "types"],
      mainFields: ["module", "main", "types"],
    },
  },
};
