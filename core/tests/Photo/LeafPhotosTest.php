<?php

declare(strict_types=1);

use IdleMixer\Core\Ask\LeafPhotos;
use IdleMixer\Core\Photo\RefusedPicture;
use IdleMixer\Core\Tests\Support\Leaves\FlatLeaf;

const PAPER = 0xF5F5F3;
const LEAF = 0x588434;
const BURN = 0x704828;

// Counted: 24 by 24 of 76 by 116 are 6.5 %, 12 by 12 another 1.6 %. Figures are told to a tenth, as the document has it.
it('answers with shares to a tenth of a percent, and says whether what was there before counts', function (): void {
    $before = FlatLeaf::of(PAPER, LEAF, [[0, 60, 12, 12, BURN]]);
    $after = FlatLeaf::of(PAPER, LEAF, [[0, 60, 12, 12, BURN], [0, -20, 24, 24, BURN]]);
    $alone = LeafPhotos::answer($after->file(), null);
    expect($alone['injured_percent'])->toEqualWithDelta($after->share(BURN), 0.3)
        ->and($alone['because'])->toBe('Counted on this picture alone: what was there before the spray counts as well.')
        ->and($alone['unsure'])->toBeFalse()
        ->and(array_keys($alone['tissue']))->toBe(['healthy', 'yellow', 'brown', 'bleached', 'wet', 'missing'])
        ->and($alone['tissue']['brown'])->toBe($alone['injured_percent']);
    $less = LeafPhotos::answer($after->file(), $before->file());
    expect($less['injured_percent'])->toEqualWithDelta($after->share(BURN) - $before->share(BURN), 0.4)
        ->and($less['because'])->toBe('What was there before the spray is taken off.')
        // The tissue is that of the later picture.
        ->and($less['tissue'])->toBe($alone['tissue']);
    foreach ([...array_values($alone['tissue']), ...array_values($less['tissue']), $alone['injured_percent'], $alone['low'], $alone['high'], $less['injured_percent'], $less['low'], $less['high']] as $figure) {
        expect($figure)->toBe(round($figure, 1));
    }
    // A tenth and not a whole: of 6.5 and 8.2 something is left behind the point.
    expect(fmod($alone['tissue']['healthy'], 1.0))->not->toBe(0.0)->and($alone['low'])->toBeLessThan($alone['injured_percent'])->and($alone['high'])->toBeGreaterThan($alone['injured_percent']);
});

it('says of which picture a doubt is, and which one was refused', function (): void {
    $white = FlatLeaf::of(PAPER, LEAF, [])->file();
    $kraft = FlatLeaf::of(0xBC9870, LEAF, [])->file();
    $doubt = 'The paper is coloured: white paper shows the colours truly.';
    expect(LeafPhotos::answer($white, $kraft))->toMatchArray(['unsure' => true, 'because' => "Before: {$doubt} What was there before the spray is taken off."])
        ->and(LeafPhotos::answer($kraft, null))->toMatchArray(['unsure' => true, 'because' => "{$doubt} Counted on this picture alone: what was there before the spray counts as well."]);
    $at = static function (string $photo, ?string $before): string {
        try {
            LeafPhotos::answer($photo, $before);
        } catch (RefusedPicture $refused) {
            return $refused->path();
        }

        return 'nothing was refused';
    };
    expect($at(str_repeat('no picture ', 20), null))->toBe('/photo')->and($at($white, str_repeat('no picture ', 20)))->toBe('/before')->and($at($white, $white))->toBe('nothing was refused');
});
