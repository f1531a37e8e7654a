<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Data\PhotoLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Photo\LeafPhoto;
use IdleMixer\Core\Photo\Measured;
use IdleMixer\Core\Photo\PictureFile;
use IdleMixer\Core\Photo\Reading;
use IdleMixer\Core\Photo\RefusedPicture;
use IdleMixer\Core\Words\Say;

/** A photograph of leaves as it is sent: a JPEG, PNG or WebP in base 64. */
final readonly class LeafPicture
{
    /** Letters of base 64: what fits into one call beside its keys. */
    private const LONGEST = 1_900_000;

    private function __construct(private string $bytes, private Node $node) {}

    /**
     * @return self|null null where an empty one takes it away
     *
     * @throws InvalidDocument where it is none
     */
    public static function read(Node $node): ?self
    {
        $text = $node->text(self::LONGEST);
        if ($text === '') {
            return null;
        }
        $bytes = base64_decode($text, true);
        if ($bytes === false) {
            throw $node->fault(Say::it('input/leaf-picture.expected-picture-in-base-64'));
        }

        return new self($bytes, $node);
    }

    /** @throws InvalidDocument where it cannot be measured */
    public function measured(): Measured
    {
        return self::measure($this->bytes, new Reading(), $this->node);
    }

    /** @throws InvalidDocument where it cannot be measured */
    public static function measure(string $bytes, Reading $reading, Node $node): Measured
    {
        try {
            return LeafPhoto::measure(PictureFile::read($bytes), $reading);
        } catch (RefusedPicture $refused) {
            throw $node->fault($refused->getMessage());
        }
    }

    /**
     * In base 64: what is seen on it and nothing else.
     *
     * @throws InvalidDocument where it cannot be read
     */
    public function kept(): string
    {
        try {
            return base64_encode(PictureFile::stripped($this->bytes, PhotoLines::KEPT_SIDE['value']));
        } catch (RefusedPicture $refused) {
            throw $this->node->fault($refused->getMessage());
        }
    }
}
