import { layoutOf, tableOf, USUAL_SOLVE, understandBoard } from "@/core/winding";
import { solveWith } from "@/core/winding/solve-board";
import { sampleSolutions } from "@/core/winding/sample-solutions";
import { weighSolutions } from "@/core/winding/weigh-solutions";
import { simulateBoard, randomFrom } from "../tests/support/simulated-board";
const rnd = randomFrom(17);
for (let b = 0; b < 10; b++) {
  const sim = simulateBoard(layoutOf("tap5_lo_two_capacitor_leads"), null, rnd);
  let readings: any[] = [];
  for (let step = 0; step < 14; step++) {
    const bd = { ...sim.board, readings };
    const t0 = performance.now();
    const u = understandBoard(bd);
    const ms = performance.now() - t0;
    if (ms > 90) {
      const table = tableOf(bd);
      const T = [performance.now()];
      const s = solveWith(table, { ...USUAL_SOLVE, limit: 400, budget: 60000 }, false);
      T.push(performance.now());
      const sm = s.isComplete ? s.list : sampleSolutions(table, USUAL_SOLVE, false, 160);
      T.push(performance.now());
      weighSolutions(sm, table, { marks: [], motorType: "unknown" });
      T.push(performance.now());
      const f = solveWith(table, { ...USUAL_SOLVE, limit: 400, budget: 60000 }, true);
      T.push(performance.now());
      const fs = f.isComplete ? f.list : sampleSolutions(table, USUAL_SOLVE, true, 160);
      T.push(performance.now());
      console.log(
        b,
        readings.length,
        ms.toFixed(0),
        "complete",
        s.isComplete,
        s.list.length,
        "sample",
        sm.length,
        "faulty",
        f.isComplete,
        f.list.length,
        fs.length,
        T.slice(1)
          .map((t, i) => (t - T[i]!).toFixed(0))
          .join(" "),
        u.state,
      );
    }
    if (!u.next) break;
    const r = sim.board.readings.find((r: any) => (r.a === u.next!.a && r.b === u.next!.b) || (r.a === u.next!.b && r.b === u.next!.a));
    readings = [...readings, r];
  }
}
