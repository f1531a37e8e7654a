<?php

declare(strict_types=1);

namespace Tests\Faults;

use Closure;
use CurlHandle;
use CurlMultiHandle;
use Generator;

/** Several devices that call at the same time, each one call after the other. A device is a generator of calls that is sent their replies. */
final class Devices
{
    private readonly CurlMultiHandle $multi;

    private readonly Names $names;

    /** @var array<int, array{CurlHandle, int, Call}> by handle: the handle, whose call it is, and which */
    private array $calls = [];

    /**
     * @param array<int, Generator<mixed, Call, Reply, mixed>> $devices
     * @param array<int, bool|int|string>                      $options of curl, besides
     */
    private function __construct(private readonly string $address, private readonly array $devices, private readonly array $options = [])
    {
        $this->multi = curl_multi_init();
        $this->names = new Names($this->asked(...));
    }

    /**
     * @param array<int, Generator<mixed, Call, Reply, mixed>> $devices
     * @param (Closure(): bool)|null                           $meanwhile asked again and again; false ends it all
     * @param array<int, bool|int|string>                      $options   of curl, besides
     */
    public static function run(string $address, array $devices, ?Closure $meanwhile = null, array $options = []): void
    {
        (new self($address, $devices, $options))->go($meanwhile);
    }

    /** Calls made at the very same time.
     *
     * @param list<Call> $calls
     *
     * @return list<Reply>
     */
    public static function together(string $address, array $calls): array
    {
        $replies = [];
        $devices = [];
        foreach ($calls as $i => $call) {
            $devices[] = self::once($call, $i, $replies);
        }
        self::run($address, $devices);
        ksort($replies);
        /** @var list<Reply> $replies */
        return $replies;
    }

    public static function one(string $address, Call $call): Reply
    {
        return self::together($address, [$call])[0];
    }

    /**
     * @param array<int, Reply> $replies
     *
     * @return Generator<mixed, Call, Reply, mixed>
     */
    private static function once(Call $call, int $i, array &$replies): Generator
    {
        $replies[$i] = yield $call;
    }

    /** @param (Closure(): bool)|null $meanwhile */
    private function go(?Closure $meanwhile): void
    {
        foreach ($this->devices as $n => $device) {
            $this->next($n, $device);
        }
        while ($this->calls !== []) {
            curl_multi_exec($this->multi, $active);
            while (($done = curl_multi_info_read($this->multi)) !== false) {
                assert($done['handle'] instanceof CurlHandle);
                $this->answered($done['handle']);
            }
            if ($meanwhile !== null && ! $meanwhile()) {
                break;
            }
            curl_multi_select($this->multi, 0.005);
        }
    }

    private function answered(CurlHandle $handle): void
    {
        [, $n, $call] = $this->calls[spl_object_id($handle)];
        unset($this->calls[spl_object_id($handle)]);
        $text = curl_multi_getcontent($handle);
        $json = $text === null ? null : json_decode($text, true);
        // A reply that broke off is none.
        $whole = is_array($json) || ! str_contains((string) curl_getinfo($handle, \CURLINFO_CONTENT_TYPE), 'json');
        $status = curl_errno($handle) === 0 && $whole ? curl_getinfo($handle, \CURLINFO_RESPONSE_CODE) : 0;
        curl_multi_remove_handle($this->multi, $handle);
        $this->names->learn($call, is_array($json) ? $json : []);
        $this->devices[$n]->send(new Reply($status, is_array($json) ? $json : []));
        $this->next($n, $this->devices[$n]);
    }

    /** @return array<mixed> */
    private function asked(string $path): array
    {
        $handle = curl_init($this->address . $path);
        assert($handle instanceof CurlHandle);
        curl_setopt_array($handle, [\CURLOPT_RETURNTRANSFER => true, \CURLOPT_TIMEOUT => 10] + $this->options);
        $answer = json_decode((string) curl_exec($handle), true);

        return is_array($answer) ? $answer : [];
    }

    /** @param Generator<mixed, Call, Reply, mixed> $device */
    private function next(int $n, Generator $device): void
    {
        if (! $device->valid()) {
            return;
        }
        $call = $this->names->in($device->current());
        $handle = curl_init($this->address . $call->path);
        assert($handle instanceof CurlHandle);
        curl_setopt_array($handle, [
            \CURLOPT_RETURNTRANSFER => true, \CURLOPT_TIMEOUT => 60, \CURLOPT_CUSTOMREQUEST => $call->method === '' ? 'GET' : $call->method,
            \CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Expect:'],
        ]);
        curl_setopt_array($handle, $this->options);
        if ($call->method !== 'GET') {
            curl_setopt($handle, \CURLOPT_POSTFIELDS, json_encode((object) $call->body, \JSON_THROW_ON_ERROR));
        }
        $this->calls[spl_object_id($handle)] = [$handle, $n, $call];
        curl_multi_add_handle($this->multi, $handle);
    }
}
