import type { Worn } from '../../piece';
import { boot } from './shoe-boot';
import type { ShoeForm } from './shoe-form';
import { lowShoe } from './shoe-low';
import { sandal } from './shoe-sandal';
import type { Upper } from './shoe-section';

/** What is over the sole. */
export function upperOf(worn: Worn, form: ShoeForm): Upper {
  const { shoe } = worn.facts.drawn;
  switch (shoe) {
    case 'sandal':
      return sandal(form);
    case 'ankle boot':
    case 'tall boot':
      return boot(worn, form, shoe === 'tall boot');
    case 'trainer':
    case 'loafer':
    case 'court':
      return lowShoe(worn, form, shoe);
    default:
      return lowShoe(worn, form, 'flat');
  }
}
