<?php

declare(strict_types=1);

namespace Tests;

use CurlHandle;
use RuntimeException;

/** A browser without script: keeps its cookies and the token of the last page, and may ask for several things at once. */
final class Visitor
{
    private string $token = '';

    /** @var array<string, string> */
    private array $cookies = [];

    public function __construct(private readonly string $root) {}

    public function get(string $path): Visited
    {
        return $this->at(['GET', $path, []]);
    }

    /** @param array<string, mixed> $said */
    public function post(string $path, array $said = []): Visited
    {
        return $this->at(['POST', $path, $said]);
    }

    /** @param array{string, string, array<string, mixed>} $asked */
    private function at(array $asked): Visited
    {
        $visited = $this->together([$asked])[0];
        foreach ($visited->cookies as $name => $value) {
            $this->cookies[$name] = $value;
        }
        if (preg_match('/name="_token" value="([^"]+)"/', $visited->body, $found) === 1) {
            $this->token = $found[1];
        }

        return $visited;
    }

    /**
     * All at the same time.
     *
     * @param list<array{string, string, array<string, mixed>}> $all method, path and what is said
     *
     * @return list<Visited>
     */
    public function together(array $all): array
    {
        $multi = curl_multi_init();
        $handles = array_map($this->asking(...), $all);
        foreach ($handles as $handle) {
            curl_multi_add_handle($multi, $handle);
        }
        do {
            $state = curl_multi_exec($multi, $running);
            if ($running > 0) {
                curl_multi_select($multi, 0.1);
            }
        } while ($running > 0 && $state === CURLM_OK);
        $visited = array_map(fn(CurlHandle $handle): Visited => Visited::of((string) curl_multi_getcontent($handle), $handle), $handles);
        foreach ($handles as $handle) {
            curl_multi_remove_handle($multi, $handle);
        }

        return $visited;
    }

    /**
     * A request that is still to be made.
     *
     * @param array{string, string, array<string, mixed>} $asked
     */
    public function asking(array $asked): CurlHandle
    {
        [$method, $path, $said] = $asked;
        $handle = curl_init($this->root . $path);
        if ($handle === false) {
            throw new RuntimeException("{$path} cannot be asked for.");
        }
        $cookies = implode('; ', array_map(fn(string $name): string => "{$name}={$this->cookies[$name]}", array_keys($this->cookies)));
        $headers = ["Cookie: {$cookies}", ...($said['headers'] ?? [])];
        unset($said['headers']);
        curl_setopt_array($handle, [CURLOPT_RETURNTRANSFER => true, CURLOPT_HEADER => true, CURLOPT_TIMEOUT => 120]);
        if ($method !== 'GET') {
            $said += ['_token' => $this->token] + ($method === 'POST' ? [] : ['_method' => $method]);
            $hasFile = array_filter($said, is_object(...)) !== [];
            curl_setopt($handle, CURLOPT_POST, true);
            curl_setopt($handle, CURLOPT_POSTFIELDS, $hasFile ? $said : http_build_query($said));
        }
        curl_setopt($handle, CURLOPT_HTTPHEADER, $headers);

        return $handle;
    }
}
