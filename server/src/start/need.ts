/** A setting that the start command gives; without it nothing can be done. */
export function need(name: string): string {
  const value = process.env[name];
  if (!value) throw new Error(`${name} is not set; start Taxikine with npm start`);
  return value;
}
