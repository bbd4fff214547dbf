/** Who was answered with what, on every route: filled while tests ask, and printed by `npm run matrix`. */
export class Matrix {
  private readonly rows = new Map<string, Map<string, number>>();
  private readonly askers = new Set<string>();
  readonly remarks: string[] = [];

  note(route: string, asker: string, status: number): void {
    this.askers.add(asker);
    const row = this.rows.get(route) ?? new Map<string, number>();
    this.rows.set(route, row.set(asker, status));
  }

  /** A table for people, and how often each answer was given to whom. */
  text(): string {
    const askers = [...this.askers];
    const cell = (row: Map<string, number>, asker: string) => row.get(asker) ?? '–';
    const line = (cells: readonly (string | number)[]) => `| ${cells.join(' | ')} |`;
    const lines = [...this.rows]
      .sort(([a], [b]) => a.localeCompare(b))
      .map(([route, row]) => line([route, ...askers.map((asker) => cell(row, asker))]));
    const head = [line(['route', ...askers]), line(['---', ...askers.map(() => '---')])];
    const counts = askers.map((asker) => this.counted(asker));
    return [...head, ...lines, '', ...counts, ...this.remarks].join('\n');
  }

  private counted(asker: string): string {
    const times = new Map<number, number>();
    for (const row of this.rows.values()) {
      const status = row.get(asker);
      if (status !== undefined) times.set(status, (times.get(status) ?? 0) + 1);
    }
    const parts = [...times].sort(([a], [b]) => a - b).map(([status, n]) => `${n} × ${status}`);
    return `${asker}: ${parts.join(', ')}`;
  }
}
