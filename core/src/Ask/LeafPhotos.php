<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use IdleMixer\Core\Photo\Change;
use IdleMixer\Core\Photo\LeafPhoto;
use IdleMixer\Core\Photo\PictureFile;
use IdleMixer\Core\Photo\RefusedPicture;
use IdleMixer\Core\Words\Say;

/**
 * The hurt share of a leaf from photographs, as an open document.
 *
 * @phpstan-type LeafRow array{injured_percent: float, low: float, high: float, tissue: array<string, float>, unsure: bool, because: string}
 */
final class LeafPhotos
{
    /**
     * @param string      $photo  bytes of a file
     * @param string|null $before bytes of one of the same leaf before it was sprayed
     *
     * @return LeafRow shares in percent of the leaf
     *
     * @throws RefusedPicture with the path of the picture that is at fault
     */
    public static function answer(string $photo, ?string $before): array
    {
        $after = LeafPhoto::measure(PictureFile::read($photo));
        try {
            $earlier = $before === null ? null : LeafPhoto::measure(PictureFile::read($before));
        } catch (RefusedPicture $refused) {
            throw $refused->at('/before');
        }
        $change = Change::between($earlier, $after);
        $doubts = [...$after->doubts, ...array_map(static fn(string $doubt): string => Say::it('ask/leaf-photos.before', ['doubt' => $doubt]), $earlier->doubts ?? [])];
        $round = static fn(float $percent): float => round($percent, 1);
        $counted = $earlier === null ? Say::it('ask/leaf-photos.counted-on-this-picture-alone') : Say::it('ask/leaf-photos.what-was-there-before-spray');

        return [
            'injured_percent' => $round($change->injured),
            'low' => $round($change->low),
            'high' => $round($change->high),
            'tissue' => array_map($round, $after->tissue),
            'unsure' => $doubts !== [],
            'because' => implode(' ', [...$doubts, $counted]),
        ];
    }
}
