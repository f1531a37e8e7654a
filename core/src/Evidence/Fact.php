<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

/** What else was known of a round: each has two sides, of which one or neither is known. */
enum Fact: string
{
    case HandWork = 'hand-work';
    case StandTest = 'stand-test';
    case Hardness = 'hardness';
    case Order = 'order';
    case Hour = 'hour';
    case Warmth = 'warmth';
    case Strength = 'strength';
    case Cover = 'cover';
}
