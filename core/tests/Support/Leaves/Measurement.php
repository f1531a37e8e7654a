<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support\Leaves;

use IdleMixer\Core\Photo\LeafPhoto;
use IdleMixer\Core\Photo\PictureFile;
use IdleMixer\Core\Photo\RefusedPicture;

/** A made leaf, what is true of it, and what was measured. */
final readonly class Measurement
{
    /** @param float|null $injured percent; null where no figure was given */
    private function __construct(public Made $made, public float $truth, public ?float $injured, public float $low, public float $high, public bool $unsure, public string $because) {}

    public static function of(Made $made): self
    {
        [$picture, $truth] = (new Painter($made))->paint();
        try {
            $found = LeafPhoto::measure(PictureFile::read(Camera::take($picture, $made)));
        } catch (RefusedPicture $refused) {
            return new self($made, $truth, null, 0.0, 100.0, true, $refused->reason);
        }

        return new self($made, $truth, $found->injured, $found->low, $found->high, $found->isUnsure(), implode(' ', $found->doubts));
    }

    /** Points of percent; a picture that gave no figure is as far off as can be. */
    public function off(): float
    {
        return $this->injured === null ? 100.0 : $this->injured - $this->truth;
    }

    public function isCovered(): bool
    {
        return $this->injured !== null && $this->low <= $this->truth && $this->truth <= $this->high;
    }

    /** Unsure where it need not be. */
    public function isTooUnsure(): bool
    {
        return $this->unsure && ! $this->made->mayBeUnsure();
    }
}
