export type DrawerName = 'bottle' | 'own' | 'why' | 'glass' | 'settings' | 'day' | 'much' | 'steps' | 'spray' | 'stock';
