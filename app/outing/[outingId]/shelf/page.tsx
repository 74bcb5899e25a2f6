import { database } from '@/data/database';
import { listProducts } from '@/data/products';
import { ShelfScreen } from '@/features/shelf/shelf-screen';

export const metadata = { title: 'Shelf' };

export default async function ShelfPage() {
  return <ShelfScreen products={await listProducts(database())} />;
}
