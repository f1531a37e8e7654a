<?php

declare(strict_types=1);

namespace Tests\Planted;

/** One fault of the trade, kept as a patch: what it does, and to which file. */
final readonly class Fault
{
    private function __construct(
        public string $slug,
        /** What goes wrong, in a sentence. */
        public string $what,
        /** From the root of the project. */
        public string $file,
        private string $patch,
    ) {}

    /** @return list<self> by name */
    public static function all(): array
    {
        $found = glob(__DIR__ . '/faults/*.patch');

        return $found === false ? [] : array_map(self::read(...), $found);
    }

    private static function read(string $path): self
    {
        [$what, $patch] = explode("\n\n", (string) file_get_contents($path), 2) + [1 => ''];
        preg_match('~^--- a/(\S+)~m', $patch, $found);

        return new self(basename($path, '.patch'), $what, $found[1] ?? '', $path);
    }

    /**
     * The file with the fault in it.
     *
     * @throws \RuntimeException when the file has changed there, so that the fault is to be planted anew
     */
    public function planted(string $root): string
    {
        $folder = sys_get_temp_dir() . '/planted-' . bin2hex(random_bytes(6));
        mkdir($folder . '/' . dirname($this->file), recursive: true);
        copy("{$root}/{$this->file}", "{$folder}/{$this->file}");
        exec('cd ' . escapeshellarg($folder) . ' && patch --batch --forward --fuzz=0 -p1 <' . escapeshellarg($this->patch) . ' 2>&1', $said, $status);
        $code = (string) file_get_contents("{$folder}/{$this->file}");
        exec('rm -rf ' . escapeshellarg($folder));

        return $status === 0 ? $code : throw new \RuntimeException("{$this->slug} does not apply any more: " . implode(' ', $said));
    }
}
