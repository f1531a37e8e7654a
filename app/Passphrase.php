<?php

declare(strict_types=1);

namespace App;

use Illuminate\Contracts\Config\Repository;
use Illuminate\Contracts\Hashing\Hasher;

/** The passphrase that lets other machines in, kept as a hash in one file. */
final readonly class Passphrase
{
    public const SHORTEST = 8;

    private string $file;

    public function __construct(private Hasher $hasher, Repository $config)
    {
        $file = $config->get('mixer.passphrase_file');
        $this->file = is_string($file) ? $file : '';
    }

    public function isSet(): bool
    {
        return is_file($this->file);
    }

    public function set(#[\SensitiveParameter] string $passphrase): void
    {
        $old = umask(0o077);
        file_put_contents($this->file, $this->hasher->make($passphrase), \LOCK_EX);
        umask($old);
    }

    public function matches(#[\SensitiveParameter] string $passphrase): bool
    {
        return $this->isSet() && $this->hasher->check($passphrase, $this->hash());
    }

    /** What a session remembers, so that a new passphrase shuts the old sessions out. */
    public function mark(): string
    {
        return hash('sha256', $this->hash());
    }

    private function hash(): string
    {
        return $this->isSet() ? trim((string) file_get_contents($this->file)) : '';
    }
}
