<?php

declare(strict_types=1);

namespace App\Records;

use Closure;

/** What was reckoned within one call that only reads: asked again it is the same, and takes no time. A call that writes reckons anew each time. */
final class Reading
{
    private int $depth = 0;

    /** @var array<string, mixed> */
    private array $known = [];

    /**
     * Calls within it, as a page that brings the answers of several, share what it knows.
     *
     * @template T
     *
     * @param Closure(): T $call
     *
     * @return T
     */
    public function during(Closure $call): mixed
    {
        ++$this->depth;
        try {
            return $call();
        } finally {
            if (--$this->depth === 0) {
                $this->known = [];
            }
        }
    }

    /**
     * @template T
     *
     * @param string       $what   names the answer with all that it hangs on
     * @param Closure(): T $reckon
     *
     * @return T
     */
    public function once(string $what, Closure $reckon): mixed
    {
        if ($this->depth === 0) {
            return $reckon();
        }
        if (! array_key_exists($what, $this->known)) {
            $this->known[$what] = $reckon();
        }
        /** @var T $known */
        $known = $this->known[$what];

        return $known;
    }
}
