<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

/** What has happened since a leaf test, so that it speaks less surely. */
enum SinceThen: string
{
    /** Three days over 32 °C. */
    case Heat = 'heat';
    case Drought = 'drought';
    /** Bare, spring flush, summer. */
    case Season = 'season';
    /** A bottle of another grade or kind of an ingredient. */
    case OtherBottle = 'other-bottle';
}
