import type { ShopPageView } from '@contracts/shop/shop-page-view';
import { Providers } from '@ui/Providers';
import { useEffect, useState } from 'react';
import { ArchivePanel } from './ArchivePanel';
import { BackupPanel } from './BackupPanel';
import { LettersPanel } from './LettersPanel';
import { OutboxPanel } from './OutboxPanel';
import { PeoplePanel } from './PeoplePanel';
import { PlacesPanel } from './PlacesPanel';
import { PracticeShopPanel } from './PracticeShopPanel';
import { PromotionsPanel } from './PromotionsPanel';
import './shop.css';
import { TermsPanel } from './TermsPanel';
import { VouchersPanel } from './VouchersPanel';

const PARTS = [
  'people',
  'terms',
  'places',
  'promotions',
  'vouchers',
  'letters',
  'outbox',
  'backups',
  'practice-shop',
] as const;
type Part = (typeof PARTS)[number];
const PART_WORDS: Readonly<Record<Part, string>> = {
  people: 'People',
  terms: 'Terms and days',
  places: 'Places',
  promotions: 'Promotions',
  vouchers: 'Vouchers',
  letters: 'Letters',
  outbox: 'Outbox',
  backups: 'Backups and archive',
  'practice-shop': 'Practice shop',
};

interface Props {
  readonly view: ShopPageView;
  /** Whose page it is: nobody ends their own account by a slip. */
  readonly me: string;
}

/** The shop's own matters, for its owner: who works here, on what terms, where the stock stands, what is reduced. */
export function ShopPage({ view, me }: Props) {
  const [part, setPart] = useState<Part>('people');
  // `/shop#terms` leads to that part.
  useEffect(() => {
    const follow = (): void => {
      const named = PARTS.find((each) => `#${each}` === location.hash);
      if (named) setPart(named);
    };
    follow();
    window.addEventListener('hashchange', follow);
    return () => window.removeEventListener('hashchange', follow);
  }, []);
  return (
    <Providers>
      <div className="place-head">
        <h1>Shop</h1>
      </div>
      <div className="shop">
        <nav className="parts-nav" aria-label="Parts of the shop">
          {PARTS.map((each) => (
            <button key={each} aria-pressed={each === part} onClick={() => setPart(each)}>
              {PART_WORDS[each]}
            </button>
          ))}
        </nav>
        <div className="shop-part">
          {/* All stay mounted, so that what was typed in one is there after a look at another. */}
          <div hidden={part !== 'people'}>
            <PeoplePanel initial={view.people} me={me} />
          </div>
          <div hidden={part !== 'terms'}>
            <TermsPanel terms={view.terms} version={view.version} currency={view.currency} />
          </div>
          <div hidden={part !== 'places'}>
            <PlacesPanel initial={view.locations} />
          </div>
          <div hidden={part !== 'promotions'}>
            <PromotionsPanel initial={view.promotions} today={view.today} currency={view.currency} />
          </div>
          <div hidden={part !== 'vouchers'}>
            <VouchersPanel initial={view.vouchers} currency={view.currency} />
          </div>
          <div hidden={part !== 'letters'}>
            <LettersPanel voice={view.voice} version={view.version} />
          </div>
          <div hidden={part !== 'outbox'}>
            <OutboxPanel initial={view.outbox} />
          </div>
          <div hidden={part !== 'backups'}>
            <div className="shop-panel">
              <BackupPanel view={view.backups} zone={view.terms.zone} />
              <ArchivePanel isEmpty={view.isEmpty} />
            </div>
          </div>
          <div hidden={part !== 'practice-shop'}>
            <PracticeShopPanel initial={view.practiceShop} />
          </div>
        </div>
      </div>
    </Providers>
  );
}
