<?php

declare(strict_types=1);

namespace App\Notebook;

use PDOException;

/** The notebook, or a file beside it, could not be read or written. The message is for the terminal. */
final class StoreFault extends \RuntimeException
{
    /** @param string $also what more is to be said, as sentences */
    public function __construct(public readonly StoreTrouble $trouble, public readonly string $also = '')
    {
        parent::__construct(implode(' ', array_filter([$trouble->cause(), $also, $trouble->remedy()], static fn(string $sentence): bool => $sentence !== '')));
    }

    /**
     * What SQLite says of a file, as a fault of the notebook.
     *
     * @param string $path of the file
     *
     * @throws PDOException when the fault is not the file's but ours
     */
    public static function of(self|PDOException $fault, string $path, string $also = ''): self
    {
        return $fault instanceof self ? $fault : new self(StoreTrouble::of($fault, $path) ?? throw $fault, $also);
    }

    /** For whoever wanted to save something. */
    public function words(): string
    {
        return trim("{$this->trouble->words()} {$this->also}");
    }
}
