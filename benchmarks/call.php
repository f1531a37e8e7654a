<?php

declare(strict_types=1);

/**
 * Milliseconds of one call, from connecting to the last byte.
 *
 * @param string|(Closure(): string)|null $body
 */
function call(string $url, string|Closure|null $body = null, string $method = ''): float
{
    $body = $body instanceof Closure ? $body() : $body;
    $curl = curl_init($url);
    curl_setopt_array($curl, [\CURLOPT_RETURNTRANSFER => true, \CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Expect:'], \CURLOPT_FORBID_REUSE => true]);
    if ($body !== null) {
        curl_setopt($curl, \CURLOPT_POSTFIELDS, $body);
    }
    if ($method !== '') {
        curl_setopt($curl, \CURLOPT_CUSTOMREQUEST, $method);
    }
    $start = hrtime(true);
    $answer = curl_exec($curl);
    $ms = (hrtime(true) - $start) / 1e6;
    $status = curl_getinfo($curl, \CURLINFO_RESPONSE_CODE);
    if ($status !== 200 && $status !== 201) {
        throw new RuntimeException("{$url} answered {$status}: " . substr((string) $answer, 0, 300));
    }

    return $ms;
}

/** @param list<float> $values */
function median(array $values): float
{
    sort($values);

    return $values[intdiv(count($values), 2)];
}
