<?php

declare(strict_types=1);

/*
 * What PHP's own server asks for each request (bin/serve): a file of public/ goes out with the headers of pages, all else is answered by the
 * application. A server in front of PHP does the same by its settings (README).
 */

(function (): void {
    // Who asks is told by what stands in front (bootstrap/front.js), and by nobody else on this machine.
    [$secret, $peer] = [...explode(' ', (string) ($_SERVER['HTTP_X_FRONT_PEER'] ?? ''), 2), ''];
    if ($secret !== '' && hash_equals((string) getenv('FRONT_SECRET'), $secret)) {
        $_SERVER['REMOTE_ADDR'] = $peer;
    }
    unset($_SERVER['HTTP_X_FRONT_PEER']);
    $types = [
        'css' => 'text/css; charset=utf-8', 'js' => 'text/javascript; charset=utf-8', 'json' => 'application/json',
        'svg' => 'image/svg+xml', 'txt' => 'text/plain; charset=utf-8', 'woff2' => 'font/woff2', 'woff' => 'font/woff',
    ];
    $public = dirname(__DIR__) . '/public';
    $asked = parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);
    $asked = is_string($asked) ? rawurldecode($asked) : "\0";
    $file = str_contains($asked, "\0") ? false : realpath($public . $asked);
    $type = $types[strtolower(pathinfo((string) $file, PATHINFO_EXTENSION))] ?? null;
    if ($file === false || $type === null || !is_file($file) || !str_starts_with($file, "{$public}/")) {
        $_SERVER['SCRIPT_NAME'] = '/index.php';
        require "{$public}/index.php";

        return;
    }
    foreach (require dirname(__DIR__) . '/config/headers.php' as $name => $value) {
        header("{$name}: {$value}");
    }
    header("Content-Type: {$type}");
    header('Content-Length: ' . filesize($file));
    // What was built has its content in its name.
    header('Cache-Control: public, max-age=' . (str_starts_with($file, "{$public}/build/assets/") ? '31536000, immutable' : '3600'));
    readfile($file);
})();
