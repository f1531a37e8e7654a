<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Answer\SignInAnswer;
use Closure;
use DateTimeImmutable;
use Illuminate\Contracts\Config\Repository;
use Psr\Clock\ClockInterface;

/**
 * Who came in from another machine, and who tried to: a line each in a file beside the notebook, which is also what says that
 * somebody tries too often. One try is judged at a time, so that many at once are no more than many in a row.
 */
final readonly class SignIns
{
    /** Wrong tries from one address within its span, in s; and from all of them together. */
    private const FROM_ONE = [5, 60];

    private const FROM_ALL = [20, 600];

    /** So much of the end of the file is looked at, in bytes; a line is under 150. */
    private const TAIL = 16_384;

    private string $file;

    public function __construct(private ClockInterface $clock, Repository $config)
    {
        $folder = $config->get('mixer.data');
        $this->file = (is_string($folder) ? $folder : '') . '/signins.log';
    }

    /**
     * @param Closure(): bool $matches whether what was entered is the passphrase; not asked while somebody has to wait
     *
     * @return int|bool whether it let somebody in, or the seconds until the next try
     */
    public function try(string $from, Closure $matches): int|bool
    {
        $old = umask(0o077);
        $handle = fopen($this->file, 'c+');
        umask($old);
        if ($handle === false) {
            return 60;
        }
        flock($handle, \LOCK_EX);
        try {
            $wait = $this->wait($this->tail($handle), $from);
            if ($wait > 0) {
                return $wait;
            }
            $in = $matches();
            fseek($handle, 0, \SEEK_END);
            fwrite($handle, json_encode(['at' => $this->clock->now()->format(\DATE_ATOM), 'from' => $from, 'what' => $in ? 'in' : 'wrong'], \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_SLASHES) . "\n");

            return $in;
        } finally {
            fclose($handle);
        }
    }

    /** @return list<SignInAnswer> the last ones, newest first */
    public function latest(int $most): array
    {
        $handle = is_file($this->file) ? fopen($this->file, 'r') : false;
        if ($handle === false) {
            return [];
        }
        $all = $this->tail($handle);
        fclose($handle);

        return array_slice(array_reverse($all), 0, $most);
    }

    /** @param list<SignInAnswer> $tried */
    private function wait(array $tried, string $from): int
    {
        $now = $this->clock->now()->getTimestamp();
        $seconds = 0;
        foreach ([[self::FROM_ONE, true], [self::FROM_ALL, false]] as [[$most, $span], $alone]) {
            $wrong = [];
            foreach ($tried as $one) {
                $ago = $now - (new DateTimeImmutable($one->at))->getTimestamp();
                if ($ago < $span && (! $alone || $one->from === $from)) {
                    // Whoever got in at last had only mistyped.
                    $wrong = $one->what === 'wrong' ? [...$wrong, $ago] : ($alone ? [] : $wrong);
                }
            }
            if (count($wrong) >= $most) {
                $seconds = max($seconds, $span - $wrong[count($wrong) - $most]);
            }
        }

        return $seconds;
    }

    /**
     * @param resource $handle
     *
     * @return list<SignInAnswer> oldest first
     */
    private function tail($handle): array
    {
        fseek($handle, 0, \SEEK_END);
        fseek($handle, max(0, (int) ftell($handle) - self::TAIL));
        $all = [];
        foreach (explode("\n", (string) stream_get_contents($handle)) as $line) {
            $said = json_decode($line, true);
            if (is_array($said) && is_string($said['at'] ?? null) && is_string($said['from'] ?? null) && is_string($said['what'] ?? null)) {
                $all[] = new SignInAnswer($said['at'], $said['from'], $said['what']);
            }
        }

        return $all;
    }
}
