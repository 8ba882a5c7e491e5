import type { GivenPiece } from '../piece';
import { spelt, type Tongue } from '../words';

type Staple = Omit<GivenPiece, 'id'>;
const plain = (
  title: string,
  category: GivenPiece['category'],
  hex: string,
  more: Partial<Staple> = {},
): Staple => ({ title, category, owned: true, assumed: true, colours: [{ hex, share: 1 }], ...more });

/** What most people own, assumed until the client says so. Common practice, no source; a shop's own to change. */
export const STAPLES: Readonly<Record<'womenswear' | 'menswear', readonly Staple[]>> = {
  womenswear: [
    plain('White tee', 'tee', '#fbfbf9'),
    plain('White shirt', 'shirt', '#fbfbf9'),
    plain('Navy fine knit', 'fine-knit', '#1f2a44', { cut: { neckline: 'crew' } }),
    plain('Grey cardigan', 'cardigan', '#84868a'),
    plain('Dark blue jeans', 'jeans', '#2c3a5e', { cut: { leg: 'straight', rise: 'mid' } }),
    plain('Black trousers', 'trousers', '#17171a', { cut: { leg: 'straight' } }),
    plain('Black skirt', 'skirt', '#17171a', { cut: { silhouette: 'a-line' } }),
    plain('White trainers', 'sneaker', '#f4f2ec'),
    plain('Black ankle boots', 'ankle-boot', '#17171a'),
    plain('Black flats', 'flat', '#17171a'),
    plain('Brown belt', 'belt', '#5f4331'),
    plain('Rain jacket', 'raincoat', '#1f2a44'),
  ],
  menswear: [
    plain('White tee', 'tee', '#fbfbf9'),
    plain('White shirt', 'shirt', '#fbfbf9'),
    plain('Pale blue shirt', 'shirt', '#c5d6e6'),
    plain('Navy fine knit', 'fine-knit', '#1f2a44', { cut: { neckline: 'crew' } }),
    plain('Dark blue jeans', 'jeans', '#2c3a5e', { cut: { leg: 'straight', rise: 'mid' } }),
    plain('Grey trousers', 'trousers', '#5b5e64', { cut: { leg: 'straight' } }),
    plain('Navy blazer', 'blazer', '#1f2a44'),
    plain('White trainers', 'sneaker', '#f4f2ec'),
    plain('Brown leather shoes', 'flat', '#5f4331'),
    plain('Brown belt', 'belt', '#5f4331'),
    plain('Rain jacket', 'raincoat', '#1f2a44'),
  ],
};

/** The same with the names this shop gives them: they hang in the closet by these. */
export const staplesOf = (kind: keyof typeof STAPLES, tongue: Pick<Tongue, 'english'>): readonly Staple[] =>
  STAPLES[kind].map((staple) => ({ ...staple, title: spelt(staple.title ?? '', tongue) }));
