<?php

declare(strict_types=1);

namespace Tests;

use CurlHandle;

/** What came back of a request. */
final readonly class Visited
{
    /**
     * @param array<string, string> $headers by name in small letters
     * @param array<string, string> $cookies
     */
    private function __construct(
        public int $status,
        public string $body,
        public array $headers,
        public array $cookies,
        public float $seconds,
    ) {}

    public static function of(string $answer, CurlHandle $handle): self
    {
        $size = (int) curl_getinfo($handle, CURLINFO_HEADER_SIZE);
        [$headers, $cookies] = [[], []];
        foreach (explode("\r\n", substr($answer, 0, $size)) as $line) {
            if (preg_match('/^Set-Cookie: ([^=]+)=([^;]*)/i', $line, $found) === 1) {
                $cookies[$found[1]] = $found[2];
            } elseif (preg_match('/^([^:]+): (.*)$/', $line, $found) === 1) {
                $headers[strtolower($found[1])] = $found[2];
            }
        }

        return new self(
            (int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE),
            substr($answer, $size),
            $headers,
            $cookies,
            (float) curl_getinfo($handle, CURLINFO_TOTAL_TIME),
        );
    }
}
