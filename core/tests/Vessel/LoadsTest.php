<?php

declare(strict_types=1);

use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Vessel\Loads;

// The open documents: up to 1 % over the sprayer is one load, since no mark is read closer; a remainder under a tenth of the sprayer
// is shared out; otherwise full loads first, and the remainder last.
it('splits a volume into loads as the open documents have it', function (float $make, ?float $sprayer, array $loads): void {
    $found = array_map(
        static fn(Volume $load): float => round($load->millilitres(), 6),
        Loads::of(Volume::ofMillilitres($make), $sprayer === null ? null : Volume::ofMillilitres($sprayer)),
    );
    expect($found)->toEqual($loads);
})->with([
    'no sprayer' => [7000.0, null, [7000.0]],
    'less than full' => [400.0, 1000.0, [400.0]],
    'full' => [1000.0, 1000.0, [1000.0]],
    'no mark is read that close' => [1009.0, 1000.0, [1009.0]],
    'just up to it' => [1010.0, 1000.0, [1010.0]],
    'over that' => [1011.0, 1000.0, [505.5, 505.5]],
    'hardly worth mixing' => [1099.0, 1000.0, [549.5, 549.5]],
    'a tenth is worth it' => [1100.0, 1000.0, [1000.0, 100.0]],
    'full ones first' => [2500.0, 1000.0, [1000.0, 1000.0, 500.0]],
    'one in two hundred over two loads is shared by both' => [2005.0, 1000.0, [1002.5, 1002.5]],
    'a small remainder of three is shared by three' => [2050.0, 1000.0, array_fill(0, 3, round(2050.0 / 3, 6))],
    'a tenth over two' => [2100.0, 1000.0, [1000.0, 1000.0, 100.0]],
]);
