import {
  ADDITIVES,
  APPLICATIONS,
  FORMS,
  LABEL_PREFERENCES,
  PRODUCT_ROLES,
  type Application,
  type LabelPreference,
  type ProductRole,
} from '../terms';
import type { GlideProduct } from '../wax';
import type { FieldsOf } from './field';

/** A product on the shelf. Temperatures °C, masses g, price in the team's own money a container. */
export interface ShelfProduct extends GlideProduct {
  role: ProductRole;
  applications: readonly Application[];
  /** Grip: the label for old snow; the first is for new snow. */
  label2LowC?: number;
  label2HighC?: number;
  preference?: LabelPreference;
  ironC?: number;
  ironLimitC?: number;
  meltingC?: number;
  /** Minutes until a film of it is dry. */
  dryMin?: number;
  /** For a block without a label: how sure its hardness is, 0–100 scale. */
  hardnessSd?: number;
  containerG?: number;
  price?: number;
  openedOn?: string;
  /** The user's own colour for its block. */
  swatch: string | null;
  /** Absent before it is stored; raised by each change. */
  version?: number;
}

const LABEL = { type: 'number', range: [-60, 30], unit: '°C' } as const;

/** The fields of a product, in the order of its file. */
export const PRODUCT_FIELDS = {
  id: { type: 'id', isRequired: true },
  name: { type: 'text', most: 80, isRequired: true, csv: ['name'], isRequiredInCsv: true },
  role: { type: 'choice', of: PRODUCT_ROLES, isRequired: true, csv: ['role'], fallback: 'glide' },
  form: { type: 'choice', of: FORMS, isRequired: true, csv: ['form'], fallback: 'block' },
  labelLowC: { ...LABEL, isRequired: true, csv: ['label cold end'], isRequiredInCsv: true },
  labelHighC: { ...LABEL, isRequired: true, csv: ['label warm end'], isRequiredInCsv: true },
  label2LowC: { ...LABEL, csv: ['old snow cold end'] },
  label2HighC: { ...LABEL, csv: ['old snow warm end'] },
  additives: { type: 'choices', of: ADDITIVES, isRequired: true, csv: ['additives'], fallback: [] },
  applications: { type: 'choices', of: APPLICATIONS, isRequired: true, csv: ['put on by'] },
  preference: { type: 'choice', of: LABEL_PREFERENCES, csv: ['preference'] },
  ironC: { type: 'number', range: [60, 200], unit: '°C', csv: ['iron'] },
  ironLimitC: { type: 'number', range: [60, 220], unit: '°C', csv: ['iron limit'] },
  meltingC: { type: 'number', range: [20, 160], unit: '°C', csv: ['melting point'] },
  dryMin: { type: 'number', range: [0.5, 60], unit: 'min', csv: ['drying time'] },
  hardnessSd: { type: 'number', range: [0, 50], unit: '' },
  containerG: { type: 'number', range: [1, 10_000], unit: 'g', csv: ['container'] },
  price: { type: 'number', range: [0, 100_000], unit: '', csv: ['price'] },
  openedOn: { type: 'day', csv: ['opened'] },
  swatch: { type: 'colour', csv: ['colour'], fallback: null },
  version: { type: 'number', range: [0, 1e9], unit: '', isInternal: true },
} as const satisfies FieldsOf<ShelfProduct>;
