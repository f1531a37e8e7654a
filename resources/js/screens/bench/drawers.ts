export type DrawerName = 'own' | 'why' | 'glass' | 'settings' | 'day' | 'much' | 'steps' | 'spray' | 'stock';
