/**
 * An ESLint rule: a function that a folder of the core exports through its index carries a docstring with every parameter,
 * what it returns, the unit of every plain number (in its name or in brackets), and, where numbers alone make a number, a
 * worked figure.
 */
import { existsSync, readFileSync } from "node:fs";
import { basename, dirname, join } from "node:path";

const publicNames = new Map();

/** Names that the index of a file's folder exports; functions of an index itself are public too. */
function namesOf(file) {
  const index = join(dirname(file), "index.ts");
  if (!publicNames.has(index)) {
    const text = existsSync(index) ? readFileSync(index, "utf8") : "";
    const lists = [...text.matchAll(/export \{([^}]*)\}/g)].flatMap(([, list]) => list.split(","));
    publicNames.set(index, new Set(lists.map((name) => name.trim()).filter((name) => name !== "" && !name.startsWith("type "))));
  }
  return publicNames.get(index);
}

/** A name that ends in a unit of the field, or says that it is a plain count or share. */
const CARRIES_UNIT = /(Uf|V|A|S|Ms|Ohm|Hz|Rpm|RadS|W|C|K|Mm|Um|Years|Months|Days|Minutes|Megohm|Kgm2)$/;
const HAS_NO_UNIT =
  /^(index|count|seed|turns|poles|posts|points|grid|draws|members|most\w*|part|share|fraction|probability|slip|decimals|step|value|uncertainty|amount|allowed|dof|chi2|guardFactor|talk|megohm|ohm|rpm|volts|amps|seconds|a|b|low|high)$/;

const identifierOf = (parameter) => {
  const target = parameter.type === "AssignmentPattern" ? parameter.left : parameter;
  return target.type === "Identifier" ? target : null;
};
const typeOf = (identifier) => identifier?.typeAnnotation?.typeAnnotation?.type ?? null;

export const publicDocstring = {
  meta: {
    type: "problem",
    schema: [],
    messages: {
      none: "{{name}} has no docstring.",
      param: "{{name}} says nothing of its parameter {{param}} (@param).",
      unit: "{{name}}: parameter {{param}} is a plain number; say its unit in its name or in [brackets].",
      returns: "{{name}} does not say what it returns (@returns).",
      example: "{{name}} makes a number of numbers: give a worked figure (@example {{name}}(…) = …).",
    },
  },
  create(context) {
    const file = context.filename;
    const names = namesOf(file);
    function check(statement, name, fn) {
      if (!names.has(name) && basename(file) !== "index.ts") return;
      const comment = context.sourceCode.getCommentsBefore(statement).at(-1);
      const report = (messageId, data = {}) => context.report({ node: statement, messageId, data: { name, ...data } });
      if (comment?.type !== "Block" || !comment.value.startsWith("*")) {
        report("none");
        return;
      }
      const described = new Map([...comment.value.matchAll(/@param (\S+)([^@]*)/g)].map(([, param, text]) => [param, text]));
      const identifiers = fn.params.map(identifierOf);
      const named = new Set(identifiers.filter((each) => each !== null).map((each) => each.name));
      const forPatterns = [...described.keys()].filter((param) => !named.has(param));
      for (const identifier of identifiers) {
        if (identifier === null) {
          if (forPatterns.shift() === undefined) report("param", { param: "that is taken apart" });
        } else if (!described.has(identifier.name)) report("param", { param: identifier.name });
        else if (typeOf(identifier) === "TSNumberKeyword" && !CARRIES_UNIT.test(identifier.name)) {
          const isToldElsewhere = HAS_NO_UNIT.test(identifier.name) || described.get(identifier.name).includes("[");
          if (!isToldElsewhere) report("unit", { param: identifier.name });
        }
      }
      const result = fn.returnType?.typeAnnotation;
      const isSilent = result?.type === "TSVoidKeyword" || result?.type === "TSNeverKeyword" || result?.asserts === true;
      if (!isSilent && !/@returns\s+\S/.test(comment.value)) report("returns");
      const isOfNumbers = identifiers.length > 0 && identifiers.every((each) => typeOf(each) === "TSNumberKeyword");
      if (result?.type === "TSNumberKeyword" && isOfNumbers && !comment.value.includes("@example")) report("example");
    }
    return {
      ExportNamedDeclaration(node) {
        const { declaration } = node;
        if (declaration?.type === "FunctionDeclaration") check(node, declaration.id.name, declaration);
        if (declaration?.type !== "VariableDeclaration") return;
        for (const { id, init } of declaration.declarations)
          if (init?.type === "ArrowFunctionExpression" || init?.type === "FunctionExpression") check(node, id.name, init);
      },
    };
  },
};
