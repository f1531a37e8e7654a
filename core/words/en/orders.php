<?php

declare(strict_types=1);

/*
 * The schools of mixing, each with what it costs (common practice), in the order of the work they take.
 */
return [
    'all-together' => ['name' => 'All together and shake', 'price' => 'Quick and coarse. Shake again and again while you spray, or oil collects on top and the last of it burns.'],
    'soap-then-oil' => ['name' => 'Water, soap, then oil', 'price' => 'One more stir, less foam, a little finer. Still shake while you spray.'],
    'cup-premix' => ['name' => 'Premix in a cup', 'price' => 'A cup and a spoon to wash. Powder dissolves before it meets the sprayer.'],
    'emulsifier-first' => ['name' => 'Oil and soap first, water slowly', 'price' => 'A jar and two minutes of whipping. Milky, no floating layer, holds for hours.'],
    'blender' => ['name' => 'Blender', 'price' => 'A blender to wash. The finest of all.'],
];
