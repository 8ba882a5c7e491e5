import { type Ruler, type RulerMark, spread } from '@core/figure';
import { lengthIn, type Tongue } from '@core/words';

interface Box {
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
}

interface Props {
  readonly ruler: Ruler;
  /** What the figure is drawn in, mm; and its height on the screen, px. */
  readonly box: Box;
  readonly height: number;
  /** The floor in that box, mm. */
  readonly floorMm: number;
  readonly tongue: Tongue;
  /** A piece as it is called in a word or two. */
  readonly called: (id: string) => string;
}

const LABEL_PX = 10.5;

/** Heights beside the figure: a scale from the floor, thirds, landmarks, and where each hem falls. */
export function FigureRuler({ ruler, box, height, floorMm, tongue, called }: Props) {
  const px = box.h / height;
  const [left, right] = [box.x, box.x + box.w];
  const at = (mm: number): number => floorMm - mm;
  const steps = Array.from({ length: Math.floor(ruler.topMm / ruler.stepMm) + 1 }, (_, i) => i);
  const hems = ruler.marks.filter(({ kind }) => kind === 'hem');
  const landmarks = ruler.marks.filter(({ kind }) => kind === 'landmark');
  const label = LABEL_PX * px;
  return (
    <svg
      className="figure-ruler"
      viewBox={`${box.x} ${box.y} ${box.w} ${box.h}`}
      height={height}
      width={(box.w / box.h) * height}
      role="img"
      aria-label={`Heights: ${[...landmarks, ...hems].map((mark) => wordsOf(mark, tongue, called)).join('; ')}`}
      fontSize={label}
    >
      <path
        className="ruler-scale"
        d={steps
          .map((i) => `M${left} ${at(i * ruler.stepMm)}h${(i % 5 === 0 ? 12 : i % 2 === 0 ? 7 : 4) * px}`)
          .join('')}
        strokeWidth={px}
      />
      {steps
        .filter((i) => i % 5 === 0 && i > 0)
        .map((i) => (
          <text key={i} x={left - 4 * px} y={at(i * ruler.stepMm) + label * 0.35} textAnchor="end">
            {lengthIn(i * ruler.stepMm, tongue)}
          </text>
        ))}
      {ruler.marks
        .filter(({ kind }) => kind === 'third')
        .map(({ heightMm }) => (
          <path
            key={heightMm}
            className="ruler-third"
            d={`M${left} ${at(heightMm)}H${right}`}
            strokeWidth={px}
          />
        ))}
      <Labels marks={[...landmarks, ...hems]} x={right} {...{ px, at, tongue, called }} />
    </svg>
  );
}

interface LabelsProps extends Pick<Props, 'tongue' | 'called'> {
  readonly marks: readonly RulerMark[];
  readonly x: number;
  readonly px: number;
  readonly at: (mm: number) => number;
}

/** Marks beside the figure with their words, kept from touching each other. */
function Labels({ marks, x, px, at, tongue, called }: LabelsProps) {
  const apart = spread(
    marks.map(({ heightMm }) => heightMm),
    LABEL_PX * px * 1.25,
  );
  return marks.map((mark, i) => {
    const y = at(apart[i] ?? mark.heightMm);
    return (
      <g key={`${mark.kind} ${mark.of}`} className={`ruler-${mark.kind}`}>
        <path d={`M${x - 9 * px} ${at(mark.heightMm)}h${9 * px}L${x + 8 * px} ${y}`} strokeWidth={px} />
        <text x={x + 10 * px} y={y + LABEL_PX * px * 0.35}>
          {wordsOf(mark, tongue, called)}
        </text>
      </g>
    );
  });
}

function wordsOf(
  { kind, of, heightMm, clearanceMm }: RulerMark,
  tongue: Tongue,
  called: Props['called'],
): string {
  if (kind !== 'hem') return `${of} ${lengthIn(heightMm, tongue)}`;
  if (clearanceMm === undefined) return `${called(of)} ${lengthIn(heightMm, tongue)}`;
  return clearanceMm < 0
    ? `${called(of)}: ${lengthIn(-clearanceMm, tongue)} too long`
    : `${called(of)} clear ${lengthIn(clearanceMm, tongue)}`;
}
