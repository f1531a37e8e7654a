<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

/** A leaf in a picture: its blade with what is missing from it, and the colours it has in even light. */
final readonly class FoundLeaf
{
    /**
     * @param Mask            $blade   with its holes filled
     * @param list<list<int>> $holes   points of each
     * @param float           $cut     share of the outline that the edge of the picture cuts off
     */
    public function __construct(public Mask $blade, public array $holes, public Colours $colours, public HealthyColour $healthy, public Paper $paper, public Shade $shade, public float $cut) {}
}
