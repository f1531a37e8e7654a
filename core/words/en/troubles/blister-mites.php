<?php

declare(strict_types=1);

return [
    'name' => 'Blister mites',
    'matters' => 'Winter oil before the buds break.',
    'counted' => 'blisters on the newest ten leaves',
    'look' => 'The ten newest full-grown leaves. Blisters on each; old leaves keep theirs.',
];
