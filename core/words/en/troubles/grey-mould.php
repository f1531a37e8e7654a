<?php

declare(strict_types=1);

return [
    'name' => 'Grey mould',
    'matters' => 'It begins on what is dead or wounded: cut it out on a dry day and give air.',
    'counted' => 'mouldy flowers, fruit and stems on ten tips',
    'look' => 'Ten tips all round the plant. New mould only.',
];
