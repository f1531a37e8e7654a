<?php

declare(strict_types=1);

namespace IdleMixer\Core\Data;

/** What time does to bottles that stand open, each with its source. */
final class ShelfLines
{
    /** An open bottle of peroxide holds half of it after so long. */
    public const PEROXIDE_HALVES = ['value' => 182.0, 'unit' => 'd', 'source' => 'practice'];

    /** What is left after that time. */
    public const HALF = ['value' => 0.5, 'unit' => '1', 'source' => 'practice'];

    /** What has faded is said from then on. */
    public const PEROXIDE_SAID = ['value' => 30.0, 'unit' => 'd', 'source' => 'house'];

    /** A bottle with no more than that in it is empty: a drop. */
    public const DREGS = ['value' => 0.05, 'unit' => 'mL', 'source' => 'house'];

    /** Neem that was opened so long ago may feed no more. */
    public const NEEM_OLD = ['value' => 365.0, 'unit' => 'd', 'source' => 'practice'];

    /** Soap that was opened so long ago may have gone stringy. */
    public const SOAP_OLD = ['value' => 730.0, 'unit' => 'd', 'source' => 'practice'];
}
