import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import ts from "typescript";

/** A text a person can meet, and where it stands in the sources. */
export interface FoundText {
  readonly file: string;
  readonly line: number;
  /** holes of a template are written as … in braces */
  readonly text: string;
}

/** Attributes and calls whose texts are no words. */
const NO_WORDS =
  /^(className|class|d|viewBox|id|key|href|type|role|style|fill|stroke|transform|points|patternUnits|inputMode|accept|rel|src|dash|name|htmlFor|data-.*|aria-live|aria-current|aria-haspopup|autoComplete|placeholderClass|source)$/;
const HOLE = "{…}";

/** Utility classes and other codes: small letters, hyphens, brackets, no word that begins large and no full stop. */
function isWords(text: string): boolean {
  const words = text.replaceAll(HOLE, "").trim();
  if (!/\p{L}{2,}/u.test(words)) return false;
  if (/^[A-Z]/.test(words) && /[a-z]/.test(words)) return true;
  if (!/\s/.test(words)) return false;
  return (
    !/(^|\s)(?:[a-z-]+-(?:\[|\d|x|y|none|full|auto)|[a-z]+:[a-z]|flex|grid|border-|text-|min-|max-|px-|py-|var\()/.test(words) &&
    !/^[MmLlHhVvCcQqAaZz\d.,\s-]+$/.test(words)
  );
}

function textOf(node: ts.Node): string | null {
  if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) return node.text;
  if (ts.isJsxText(node)) return node.text.replace(/\s+/g, " ").trim();
  if (ts.isTemplateExpression(node)) return node.head.text + node.templateSpans.map(({ literal }) => HOLE + literal.text).join("");
  return null;
}

const isCode = (node: ts.Node): boolean =>
  ts.isImportDeclaration(node) ||
  ts.isExportDeclaration(node) ||
  ts.isTypeNode(node) ||
  (ts.isJsxAttribute(node) && NO_WORDS.test(node.name.getText())) ||
  (ts.isPropertyAssignment(node) && NO_WORDS.test(node.name.getText())) ||
  (ts.isCallExpression(node) &&
    /^(import|lazy|document\.|window\.|matchMedia|assert|toWords|.*querySelector.*|.*matches|.*closest)/.test(node.expression.getText()));

/** Fields of the core whose texts a person meets: the lines of a sum behind a figure. */
const SHOWN_FIELD = /^(what|formula|numbers|result)$/;
const isShownField = (node: ts.Node): boolean => ts.isPropertyAssignment(node) && SHOWN_FIELD.test(node.name.getText());

/** Every text in one source file; where `shownOnly`, those of its shown fields. */
function textsIn(path: string, shownOnly = false): FoundText[] {
  const source = ts.createSourceFile(
    path,
    readFileSync(path, "utf8"),
    ts.ScriptTarget.Latest,
    true,
    path.endsWith("x") ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  );
  const found: FoundText[] = [];
  const walk = (node: ts.Node, isShown: boolean): void => {
    if (isCode(node)) return;
    const text = isShown ? textOf(node) : null;
    if (text !== null && isWords(text))
      found.push({ file: path, line: source.getLineAndCharacterOfPosition(node.getStart()).line + 1, text });
    ts.forEachChild(node, (child) => walk(child, isShown || isShownField(node)));
  };
  walk(source, !shownOnly);
  return found;
}

/** Folders whose texts reach a person. */
const FOLDERS = ["src/features", "src/components", "src/app", "src/core/house/groups"];

const sourcesOf = (folder: string): string[] =>
  readdirSync(folder, { recursive: true, encoding: "utf8" })
    .filter((file) => /(?<!\.test|\.d)\.tsx?$/.test(file))
    .sort()
    .map((file) => join(folder, file));

/** Every text of the interface and of the sums it shows, in the order of the files. */
export function allTexts(root: string): readonly FoundText[] {
  const shown = FOLDERS.flatMap((folder) => sourcesOf(join(root, folder)).flatMap((file) => textsIn(file)));
  const sums = sourcesOf(join(root, "src/core")).flatMap((file) => textsIn(file, true));
  return [...shown, ...sums].map(({ file, ...rest }) => ({ file: file.slice(root.length).replace(/^\//, ""), ...rest }));
}
