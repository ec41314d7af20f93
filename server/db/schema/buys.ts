import { index, integer, real, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import type { Measure } from '#core/stock/things/things'
import { id, partOf, version } from './parts'
import { ofProduct } from './things'

export const suppliers = sqliteTable(
  'suppliers',
  {
    id: id(),
    name: text('name').notNull(),
    leadDays: integer('lead_days').notNull(),
  },
  t => [index('suppliers_name').on(t.name)],
)

/** What a supplier asks for a product. */
export const offers = sqliteTable(
  'offers',
  {
    id: id(),
    supplierId: partOf('supplier_id', () => suppliers.id),
    productId: ofProduct('product_id'),
    size: real('size').notNull(),
    measure: text('measure').$type<Measure>().notNull(),
    priceMinor: integer('price_minor').notNull(),
    /** ISO 4217; empty where it is the artist's own. */
    currency: text('currency').notNull().default(''),
    inStock: integer('in_stock', { mode: 'boolean' }).notNull().default(true),
  },
  t => [index('offers_supplier').on(t.supplierId), index('offers_product').on(t.productId)],
)

export const purchases = sqliteTable(
  'purchases',
  {
    id: id(),
    createdAt: text('created_at').notNull(),
    budgetMinor: integer('budget_minor').notNull(),
  },
  t => [index('purchases_created').on(t.createdAt)],
)

export const purchaseLines = sqliteTable(
  'purchase_lines',
  {
    id: id(),
    purchaseId: partOf('purchase_id', () => purchases.id),
    offerId: text('offer_id')
      .notNull()
      .references(() => offers.id),
    /** Of one. */
    priceMinor: integer('price_minor').notNull(),
    count: integer('count').notNull().default(1),
    reason: text('reason').notNull(),
    receivedAt: text('received_at'),
    version: version(),
    deletedAt: text('deleted_at'),
  },
  t => [index('purchase_lines_purchase').on(t.purchaseId), index('purchase_lines_offer').on(t.offerId)],
)
