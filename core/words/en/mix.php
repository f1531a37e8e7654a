<?php

declare(strict_types=1);

return [
    'formulator.these-lines-take-no-room' => 'These lines take no room, so no volume can be made of them.',
    'formulator.lines-come-to-s-ml' => 'The lines come to %s mL and do not fit into the %s mL that the recipe makes. Use less of them, or a larger basis.',
    'formulator.this-stock-all-powder-take' => 'This stock is all powder: take it by weight, not by volume.',
    'formulator.these-amounts-together-are-too' => 'These amounts together are too large to work with.',
];
