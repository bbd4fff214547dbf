import { parse } from 'acorn';

/**
 * @typedef {{ id: number, text: string, deps: number[], lazy: Record<string, string> }} Module
 *   text as it stands in the file; `deps` what it needs before it runs; `lazy` the file that `import()`
 *   of a module fetches, by the module's id
 */

const isDefinition = (node) =>
  node.type === 'ExpressionStatement' &&
  node.expression.type === 'CallExpression' &&
  node.expression.callee.name === '__d';

const isRun = (node) =>
  node.type === 'ExpressionStatement' &&
  node.expression.type === 'CallExpression' &&
  node.expression.callee.name === '__r';

const keyOf = ({ key }) => key.name ?? String(key.value);

/** A list of ids, or an object of them with the paths of what is fetched later. */
function dependenciesOf(node) {
  if (!node) return { ids: [], lazy: {} };
  if (node.type === 'ArrayExpression')
    return { ids: node.elements.map((one) => one?.value), lazy: {} };
  const paths = node.properties.find((one) => keyOf(one) === 'paths');
  const ids = node.properties.filter((one) => one !== paths).map(({ value }) => value.value);
  const lazy = Object.fromEntries(
    (paths?.value.properties ?? []).map((one) => [keyOf(one), one.value.value]),
  );
  return { ids, lazy };
}

/**
 * A function in brackets is taken by engines as one that is called at once: they compile it while the
 * file is still on its way, and not a second time when it is.
 */
const inBrackets = (text, { start, end }, node) =>
  `${text.slice(node.start, start)}(${text.slice(start, end)})${text.slice(end, node.end)}`;

function moduleOf(text, node) {
  const [factory, id, dependencies] = node.expression.arguments;
  const { ids, lazy } = dependenciesOf(dependencies);
  const deps = ids.filter((one) => Number.isInteger(one) && !(one in lazy));
  return { id: id.value, text: inBrackets(text, factory, node), deps, lazy };
}

/**
 * Reads a file of Metro's: module definitions, the ids that are run at its end, and what stands before
 * them (in the first file, Metro's own runtime).
 *
 * @param {string} text
 * @returns {{ prelude: string, modules: Module[], runs: number[] }}
 */
export function readBundle(text) {
  const { body } = parse(text, { ecmaVersion: 'latest', sourceType: 'script' });
  const rest = body.filter((node) => !isDefinition(node) && !isRun(node));
  return {
    prelude: rest.map((node) => text.slice(node.start, node.end)).join('\n'),
    modules: body.filter(isDefinition).map((node) => moduleOf(text, node)),
    runs: body.filter(isRun).map((node) => node.expression.arguments[0].value),
  };
}
