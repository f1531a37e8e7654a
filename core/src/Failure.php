<?php

declare(strict_types=1);

namespace IdleMixer\Core;

/**
 * Every exception of the core bears this marker, so that one catch covers them all.
 *
 * The message is a sentence for the person at the bench: what is wrong and what would be right.
 */
interface Failure extends \Throwable
{
    /** Where the fault lies, as an RFC 6901 JSON pointer into what was given ("" is the whole of it). */
    public function path(): string;
}
