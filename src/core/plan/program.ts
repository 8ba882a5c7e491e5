/** The size of a model as it is handed to a solver. */
export interface ModelSize {
  readonly looks: number;
  readonly variables: number;
  readonly constraints: number;
  readonly coefficients: number;
}

export interface LinearModel {
  /** In the LP format that solvers read: maximise, subject to, bounds, binary. */
  readonly text: string;
  readonly size: ModelSize;
}

/** A program as it is written, with what it takes. */
export class Program {
  readonly gain: string[] = [];
  readonly bounds: string[] = [];
  readonly binary: string[] = [];
  looks = 0;
  private readonly rows: string[] = [];
  private readonly variables = new Set<string>();
  private coefficients = 0;

  term(by: number, name: string): string {
    this.variables.add(name);
    this.coefficients++;
    return `${by < 0 ? '-' : '+'} ${Math.abs(by)} ${name}`;
  }

  /** A term that stands in one place already, in another. */
  again(term: string): string {
    this.coefficients++;
    return term;
  }

  row(terms: readonly string[], sense: '<=' | '>=' | '=', value: number): void {
    if (terms.length > 0) this.rows.push(` c${this.rows.length}: ${terms.join(' ')} ${sense} ${value}`);
  }

  done(): LinearModel {
    const text = [
      'Maximize',
      ` obj: ${this.gain.length > 0 ? this.gain.join(' ') : '0'}`,
      'Subject To',
      ...this.rows,
      'Bounds',
      ...this.bounds,
      'Binary',
      ` ${this.binary.join(' ')}`,
      'End',
    ].join('\n');
    return {
      text,
      size: {
        looks: this.looks,
        variables: this.variables.size,
        constraints: this.rows.length,
        coefficients: this.coefficients,
      },
    };
  }
}
