import { readBundle } from '../lib/parts/readBundle.mjs';

const BUNDLE = [
  'var __BUNDLE_START_TIME__=0;',
  '!function(g){g.__d=g.__d}(globalThis);',
  '__d(function(g,r,i,a,m,e,d){m.exports="__d(function(){},9,[])"},1,[2,3]);',
  '__d(function(g,r,i,a,m,e,d){m.exports=`two',
  'lines`},2,[]);',
  '__d(function(g,r,i,a,m,e,d){r(d[1])(d[0],d.paths)},3,{"0":4,"1":2,"paths":{"4":"/_expo/static/js/web/Screen-ab12.js"}});',
  '__r(1);',
].join('\n');

it('reads modules, what they need at once and what later', () => {
  const { modules, runs, prelude } = readBundle(BUNDLE);
  expect(modules.map(({ id, deps, lazy }) => ({ id, deps, lazy }))).toEqual([
    { id: 1, deps: [2, 3], lazy: {} },
    { id: 2, deps: [], lazy: {} },
    { id: 3, deps: [2], lazy: { 4: '/_expo/static/js/web/Screen-ab12.js' } },
  ]);
  expect(runs).toEqual([1]);
  expect(prelude).toBe('var __BUNDLE_START_TIME__=0;\n!function(g){g.__d=g.__d}(globalThis);');
});

it('keeps every word of a module, with its function in brackets', () => {
  const [first, second] = readBundle(BUNDLE).modules;
  expect(first.text).toBe(
    '__d((function(g,r,i,a,m,e,d){m.exports="__d(function(){},9,[])"}),1,[2,3]);',
  );
  expect(second.text).toContain('`two\nlines`');
});

it('what is no script is refused', () => {
  expect(() => readBundle('<!DOCTYPE html>')).toThrow(SyntaxError);
});
