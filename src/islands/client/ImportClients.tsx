import { CLIENTS_MOST_BYTES } from '@contracts/client-csv';
import { call } from '@ui/api';
import { ImportFile } from '@ui/ImportFile';

interface Props {
  readonly opened: boolean;
  readonly onClose: () => void;
  readonly onTaken: () => void;
}

/** Clients out of an address book or another shop's file. */
export const ImportClients = ({ opened, onClose, onTaken }: Props) => (
  <ImportFile
    opened={opened}
    onClose={onClose}
    onTaken={onTaken}
    title="Import clients"
    label="CSV file"
    accept=".csv,text/csv,text/plain"
    mostBytes={CLIENTS_MOST_BYTES}
    bring={(csv, take) => call('import-clients', { csv, take })}
    done={(taken) => (taken === 1 ? '1 client came in.' : `${taken} clients came in.`)}
    columns={[
      { title: 'Name', of: ({ name }) => name },
      { title: 'E-mail', of: ({ email }) => email },
      { title: 'Measures', of: ({ measures }) => measures || '' },
    ]}
    hint={
      <p>
        One row per person, with a column <b>name</b> (or first and last name). Also read: email, phone,
        about, department, pronoun, sizes (<code>dress 12; shoe 39</code>), budget, allergies, nevers, highest
        heel, notes, and measures by name: height, bust, waist, hip, inside leg… A length may carry its unit (
        <code>5 ft 6</code>, <code>168 cm</code>). Whoever is here already, by e-mail or by name, is left as
        they are.
      </p>
    }
  />
);
