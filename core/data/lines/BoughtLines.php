<?php

declare(strict_types=1);

namespace IdleMixer\Core\Data;

/** Numbers of what is bought ready made, dusted or set out alive, each with its source. Its dose is never one of them: that stands on its label. */
final class BoughtLines
{
    /** The first look at what was sprayed or dusted. */
    public const FIRST_LOOK = ['value' => 24.0, 'unit' => 'h', 'source' => 'practice'];

    /** When it may be judged. */
    public const FAIR_LOOK = ['value' => 72.0, 'unit' => 'h', 'source' => 'practice'];

    /** What comes after it is decided on then, where the gardener named no days of its label. */
    public const NEXT = ['value' => 7, 'unit' => 'd', 'source' => 'practice'];

    /** The first look at what was set out alive. */
    public const INSECTS_LOOK = ['value' => 168.0, 'unit' => 'h', 'source' => 'practice'];

    /** When it may be judged: it has to find the pest, eat, and breed once. */
    public const INSECTS_JUDGED = ['value' => 336.0, 'unit' => 'h', 'source' => 'practice'];

    /** For so long nothing that wets leaves is sprayed where they were set out. */
    public const LEFT_ALONE = ['value' => 14, 'unit' => 'd', 'source' => 'practice'];

    /** Characters of a name. */
    public const LONGEST_NAME = ['value' => 80, 'unit' => '1', 'source' => 'house'];
}
