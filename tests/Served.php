<?php

declare(strict_types=1);

namespace Tests;

use RuntimeException;

/**
 * Pensilis as it is really served, with workers, files and a database of its own, for what a request inside the test's process cannot show:
 * several at once, a worker that is killed, a limit of the system.
 */
final class Served
{
    private const PASSWORD = 'a long test password';

    /** @var resource|null */
    private $process = null;

    private function __construct(private readonly string $folder, public readonly int $port) {}

    /** @param string $limits of the shell, before it serves */
    public static function start(string $limits = '', int $workers = 4): self
    {
        $folder = sys_get_temp_dir() . '/pensilis-served-' . getmypid() . '-' . bin2hex(random_bytes(4));
        foreach (['framework/cache/data', 'framework/sessions', 'framework/views', 'app', 'logs'] as $inside) {
            mkdir("{$folder}/{$inside}", 0o700, true);
        }
        touch("{$folder}/served.sqlite");
        $served = new self($folder, self::freePort());
        $served->run('php artisan migrate --force --quiet && php artisan view:cache --quiet');
        $command = ($limits === '' ? '' : "{$limits}; ") . 'exec bin/serve';
        $environment = $served->environment() + ['PORT' => (string) $served->port, 'WORKERS' => (string) $workers];
        $out = ['file', "{$folder}/serve.txt", 'w'];
        $process = proc_open(['bash', '-c', $command], [['file', '/dev/null', 'r'], $out, $out], $pipes, self::root(), $environment);
        $served->process = $process === false ? throw new RuntimeException('The server does not start.') : $process;
        register_shutdown_function($served->stop(...));
        for ($try = 0; $try < 200; $try++) {
            if (@fsockopen('127.0.0.1', $served->port, timeout: 1.0) !== false) {
                return $served;
            }
            usleep(50_000);
        }
        throw new RuntimeException('The server does not answer: ' . file_get_contents("{$folder}/serve.txt"));
    }

    /** Signs in somebody new: a member of a studio of their own. */
    public function visitor(string $email): Visitor
    {
        $said = $this->run('php artisan pensilis:account ' . escapeshellarg($email));
        preg_match('/password (\S+)/', $said, $found);
        $visitor = new Visitor("http://127.0.0.1:{$this->port}");
        $visitor->get('/sign-in');
        $visitor->post('/sign-in', ['email' => $email, 'password' => $found[1] ?? self::PASSWORD]);

        return $visitor;
    }

    /** What a command of the project prints, run with this server's files and database. */
    public function run(string $command): string
    {
        $out = [1 => ['pipe', 'w'], 2 => ['pipe', 'w']];
        $process = proc_open(['bash', '-c', $command], $out, $pipes, self::root(), $this->environment());
        if ($process === false) {
            throw new RuntimeException("{$command} does not start.");
        }
        $said = stream_get_contents($pipes[1]) . stream_get_contents($pipes[2]);
        $code = proc_close($process);

        return $code === 0 ? $said : throw new RuntimeException("{$command} ended with {$code}: {$said}");
    }

    public function log(): string
    {
        return implode('', array_map(file_get_contents(...), glob("{$this->folder}/logs/*.log") ?: []));
    }

    public function path(string $inside): string
    {
        return "{$this->folder}/{$inside}";
    }

    /** @return list<int> their process ids */
    public function workers(): array
    {
        // Not what looks for them: its own words say it otherwise.
        $found = shell_exec('pgrep -f ' . escapeshellarg("pensilis[.]front=127.0.0.1:{$this->port}"));

        return array_map(intval(...), preg_split('/\s+/', trim((string) $found), -1, PREG_SPLIT_NO_EMPTY) ?: []);
    }

    public function stop(): void
    {
        if (is_resource($this->process)) {
            proc_terminate($this->process, SIGTERM);
            proc_close($this->process);
        }
        $this->process = null;
        if (is_dir($this->folder)) {
            shell_exec('rm -rf ' . escapeshellarg($this->folder));
        }
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return [
            'PATH'                  => (string) getenv('PATH'), 'HOME' => $this->folder,
            'LARAVEL_STORAGE_PATH'  => $this->folder, 'DB_DATABASE' => "{$this->folder}/served.sqlite",
            'APP_KEY'               => 'base64:' . base64_encode(str_repeat('k', 32)), 'APP_ENV' => 'production', 'APP_DEBUG' => 'false',
            'APP_URL'               => "http://127.0.0.1:{$this->port}", 'MAIL_MAILER' => 'log', 'SESSION_DRIVER' => 'file',
            'CACHE_STORE'           => 'file', 'BCRYPT_ROUNDS' => '4', 'APP_CONFIG_CACHE' => "{$this->folder}/no-config.php",
            'APP_ROUTES_CACHE'      => "{$this->folder}/no-routes.php", 'APP_EVENTS_CACHE' => "{$this->folder}/no-events.php",
            'PENSILIS_SIGN_IN_FILE' => "{$this->folder}/sign-in.txt",
        ];
    }

    private static function root(): string
    {
        return dirname(__DIR__);
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        $name = $socket === false ? '' : (string) stream_socket_get_name($socket, false);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }
}
