<?php

declare(strict_types=1);

return [
    'name' => 'Leaf miner',
    'matters' => 'The grub sits inside the leaf, where no spray reaches: pick off and bin what is tunnelled.',
    'counted' => 'new tunnels on the newest ten leaves',
    'look' => 'The ten newest full-grown leaves. New tunnels only.',
];
