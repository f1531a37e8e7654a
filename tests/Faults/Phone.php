<?php

declare(strict_types=1);

namespace Tests\Faults;

use CurlHandle;

/** A client that trusts one authority and no other, and keeps its cookies. */
final class Phone
{
    private readonly CurlHandle $handle;

    public int $error = 0;

    public int $status = 0;

    /** As curl counts: 2 for HTTP/1.1, 3 for HTTP/2. */
    public int $version = 0;

    /** @var array<string, string> by small letters */
    public array $headers = [];

    /**
     * @param non-empty-string      $address
     * @param non-empty-string|null $authority
     */
    public function __construct(private readonly string $address, ?string $authority)
    {
        $this->handle = curl_init();
        curl_setopt_array($this->handle, [\CURLOPT_RETURNTRANSFER => true, \CURLOPT_TIMEOUT => 60, \CURLOPT_COOKIEFILE => '', \CURLOPT_CAPATH => '/nowhere', \CURLOPT_HEADERFUNCTION => $this->header(...)]);
        if ($authority !== null) {
            curl_setopt($this->handle, \CURLOPT_CAINFO, $authority);
        }
    }

    /** @param list<string> $headers */
    public function get(string $path, array $headers = []): string
    {
        curl_setopt_array($this->handle, [\CURLOPT_HTTPGET => true, \CURLOPT_CUSTOMREQUEST => null]);

        return $this->call($path, $headers);
    }

    /**
     * @param non-empty-string $method
     * @param list<string>     $headers
     */
    public function send(string $method, string $path, string $body, array $headers = ['Content-Type: application/json']): string
    {
        curl_setopt_array($this->handle, [\CURLOPT_CUSTOMREQUEST => $method, \CURLOPT_POSTFIELDS => $body]);

        return $this->call($path, $headers);
    }

    public function enter(string $passphrase): int
    {
        $this->send('POST', '/passphrase', http_build_query(['passphrase' => $passphrase]), ['Content-Type: application/x-www-form-urlencoded']);

        return $this->status;
    }

    /** @param list<string> $headers */
    private function call(string $path, array $headers): string
    {
        $this->headers = [];
        curl_setopt_array($this->handle, [\CURLOPT_URL => $this->address . $path, \CURLOPT_HTTPHEADER => ['Expect:', ...$headers]]);
        $body = curl_exec($this->handle);
        $this->error = curl_errno($this->handle);
        $this->status = curl_getinfo($this->handle, \CURLINFO_RESPONSE_CODE);
        $this->version = curl_getinfo($this->handle, \CURLINFO_HTTP_VERSION);

        return is_string($body) ? $body : '';
    }

    private function header(CurlHandle $handle, string $line): int
    {
        if (str_contains($line, ':')) {
            [$name, $value] = explode(':', $line, 2);
            $this->headers[strtolower($name)] = trim($value);
        }

        return strlen($line);
    }
}
