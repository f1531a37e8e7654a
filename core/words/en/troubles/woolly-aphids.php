<?php

declare(strict_types=1);

return [
    'name' => 'Woolly aphids',
    'matters' => 'Wool keeps water off them: brush it away first, then wet what is bare.',
    'counted' => 'tufts of wool on five stems',
    'look' => 'Five stems or branches, with their cracks and cuts. Wool with something alive in it.',
];
