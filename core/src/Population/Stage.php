<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

/** What an animal goes through, as far as sprays and counts tell it apart. */
enum Stage: string
{
    case Egg = 'egg';
    case Young = 'young';
    /** As a pupa, or in the soil: it neither feeds nor moves. */
    case Resting = 'resting';
    case Adult = 'adult';
}
