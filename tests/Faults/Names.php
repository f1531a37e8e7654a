<?php

declare(strict_types=1);

namespace Tests\Faults;

use App\Records\Kinds;
use Closure;

/** Tests name records by their rows; what is written names them by the UUID under which they were sent, as answers tell it. */
final class Names
{
    /** @var array<string, string> by kind and row */
    private array $known = [];

    /** @param Closure(string): array<mixed> $asked what an address answers */
    public function __construct(private readonly Closure $asked) {}

    public function in(Call $call): Call
    {
        if ($call->method === 'GET') {
            return $call;
        }
        $path = (string) preg_replace_callback('#(?<=/)([a-z-]+)/(\d{1,18})(?=/|$)#', fn(array $named): string => Kinds::knows($named[1]) ? "{$named[1]}/" . $this->of($named[1], $named[2]) : $named[0], $call->path);
        $body = $call->body;
        $batch = $body['batchId'] ?? null;
        if (is_int($batch) && preg_match('#^/api/(cases/[^/]+/rounds|rounds/[^/]+)$#', $path) === 1) {
            unset($body['batchId']);
            $body['batch'] = $this->of('batches', (string) $batch);
        }

        return new Call($call->method, $path, $body);
    }

    /** @param array<mixed> $answer */
    public function learn(Call $call, array $answer): void
    {
        $saved = $answer['saved'] ?? null;
        if (is_array($saved) && is_string($saved['kind'] ?? null) && is_int($saved['id'] ?? null) && is_string($saved['key'] ?? null)) {
            $this->known["{$saved['kind']}/{$saved['id']}"] = $saved['key'];
        }
        if (is_int($answer['id'] ?? null) && is_string($answer['key'] ?? null) && preg_match('#^/api/([a-z-]+)$#', $call->path, $kind) === 1) {
            $this->known["{$kind[1]}/{$answer['id']}"] = $answer['key'];
        }
    }

    /** @return string the number itself, where nobody answers to it */
    private function of(string $kind, string $row): string
    {
        return $this->known["{$kind}/{$row}"] ??= $this->asked($kind, $row) ?? sprintf('%08x-0000-4000-8000-000000000000', (int) $row % 0xFFFFFFFF);
    }

    private function asked(string $kind, string $row): ?string
    {
        $answer = ($this->asked)("/api/{$kind}/{$row}");
        $record = $answer['plant'] ?? $answer;
        $own = is_string($answer['key'] ?? null) ? $answer['key'] : null;

        return $own ?? (is_array($record) && is_string($record['key'] ?? null) ? $record['key'] : null);
    }
}
