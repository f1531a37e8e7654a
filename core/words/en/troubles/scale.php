<?php

declare(strict_types=1);

return [
    'name' => 'Scale',
    'matters' => 'Adults sit under a shield; crawlers are soft.',
    'counted' => 'crawlers and young domes on five stems',
    'look' => 'Five stems, a hand long each. Crawlers and soft young domes; old domes stay.',
    'look_stages' => ['crawlers' => 'crawlers', 'domes' => 'young domes'],
];
