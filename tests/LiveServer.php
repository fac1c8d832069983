<?php

declare(strict_types=1);

namespace Tests;

use RuntimeException;

/** A server of its own with a database on the disk, for what only shows between processes. */
final class LiveServer
{
    /** Root without the right to pass over what files allow. */
    private const OBEYS = ['setpriv', '--inh-caps=-dac_override,-dac_read_search', '--bounding-set=-dac_override,-dac_read_search'];

    /** @var resource|null */
    private $process;

    /** @param array<string, string> $environment */
    private function __construct(public readonly string $data, public readonly int $port, private array $environment) {}

    /** @param array<string, string> $environment */
    public static function start(array $environment = [], ?string $data = null): self
    {
        $data ??= self::folder();
        if (! is_file($data.'/hawkbrush.sqlite')) {
            copy(self::migrated(), $data.'/hawkbrush.sqlite');
        }
        $port = self::freePort();
        $server = new self(
            $data,
            $port,
            $environment + [
                'APP_ENV' => 'production',
                'CACHE_STORE' => 'array',
                'DB_DATABASE' => $data.'/hawkbrush.sqlite',
                'LOG_CHANNEL' => 'null',
            ],
        );
        $server->up();

        return $server;
    }

    public function __destruct()
    {
        $this->kill();
    }

    public static function folder(): string
    {
        $folder = sys_get_temp_dir().'/hawkbrush-live-'.bin2hex(random_bytes(6));
        mkdir($folder, 0775, true);

        return $folder;
    }

    /** Below those that connections are given, so that nobody else takes it until the server is up. */
    public static function freePort(): int
    {
        do {
            $port = random_int(15_000, 32_000);
            $socket = @stream_socket_server("tcp://127.0.0.1:{$port}");
        } while ($socket === false);
        fclose($socket);

        return $port;
    }

    public function up(): void
    {
        $this->process = proc_open(
            [
                ...(posix_geteuid() === 0 ? self::OBEYS : []),
                'bash',
                __DIR__.'/serve.sh',
                (string) $this->port,
                $this->data,
                'untouched',
            ],
            [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
            $pipes,
            \dirname(__DIR__),
            $this->environment + Artisan::environment(),
        ) ?: null;
        for ($i = 0; $i < 400 && $this->ask('GET', '/vocabulary')[0] === 0; $i++) {
            usleep(20_000);
        }
    }

    /** Ends it at once, as a power cut would. */
    public function kill(): void
    {
        if ($this->process !== null) {
            array_map(static fn(int $pid): bool => posix_kill($pid, SIGKILL), $this->processes());
            proc_close($this->process);
            $this->process = null;
        }
    }

    /** Ends it as Ctrl-C would. */
    public function stop(): void
    {
        if ($this->process !== null) {
            proc_terminate($this->process, SIGTERM);
            proc_close($this->process);
            $this->process = null;
        }
    }

    /** @return list<int> all of its processes, itself first */
    public function processes(): array
    {
        $all = $this->process === null ? [] : [proc_get_status($this->process)['pid']];
        for ($i = 0; $i < \count($all); $i++) {
            $children = (string) @file_get_contents("/proc/{$all[$i]}/task/{$all[$i]}/children");
            array_push($all, ...array_map(intval(...), preg_split('/ /', $children, -1, PREG_SPLIT_NO_EMPTY) ?: []));
        }

        return $all;
    }

    /** @return list<int> those that run PHP */
    public function workers(): array
    {
        return array_values(array_filter(
            $this->processes(),
            static fn(int $pid): bool => str_contains((string) @file_get_contents("/proc/{$pid}/cmdline"), 'pool hawkbrush'),
        ));
    }

    public function remove(): void
    {
        $this->kill();
        exec('chmod -R u+w '.escapeshellarg($this->data).'; rm -rf '.escapeshellarg($this->data));
    }

    /**
     * @param array<string, mixed>|null $body
     * @param array<string, string> $headers
     *
     * @return array{int, mixed}
     */
    public function ask(string $method, string $path, ?array $body = null, array $headers = []): array
    {
        return $this->atOnce([[$method, $path, $body, $headers]])[0];
    }

    /**
     * Sends them all at the same time.
     *
     * @param list<array{0: string, 1: string, 2?: array<string, mixed>|null, 3?: array<string, string>}> $requests
     *
     * @return list<array{int, mixed}> status (0: no answer) and what was answered
     */
    public function atOnce(array $requests): array
    {
        $all = curl_multi_init();
        $handles = [];
        foreach ($requests as $request) {
            [$method, $path, $body, $headers] = $request + [2 => null, 3 => []];
            $handle = curl_init("http://127.0.0.1:{$this->port}".(str_starts_with($path, '/api/') ? '' : '/api/v1').$path);
            $files = $body !== null && array_filter($body, static fn(mixed $v): bool => $v instanceof \CURLFile) !== [];
            $lines = ['X-Hawkbrush: 1', 'Accept: application/json', ...($files ? [] : ['Content-Type: application/json'])];
            foreach ($headers as $name => $value) {
                $lines[] = "{$name}: {$value}";
            }
            curl_setopt_array($handle, [
                CURLOPT_CUSTOMREQUEST => $method,
                CURLOPT_HTTPHEADER => $lines,
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_TIMEOUT => 60,
                CURLOPT_FORBID_REUSE => true,
            ]
                + (
                    $body === null && $method === 'GET' ? [] : [CURLOPT_POSTFIELDS => $files ? $body : json_encode((object) ($body ?? []))]
                ));
            curl_multi_add_handle($all, $handle);
            $handles[] = $handle;
        }
        do {
            curl_multi_exec($all, $running);
            curl_multi_select($all, 0.05);
        } while ($running > 0);

        return array_map(
            static fn(\CurlHandle $h): array => [
                (int) curl_getinfo($h, CURLINFO_RESPONSE_CODE),
                json_decode((string) curl_multi_getcontent($h), true),
            ],
            $handles,
        );
    }

    /** A data folder with the demo, a copy of one that is laid out once by each process. */
    public static function demo(): string
    {
        /** @var string|null $laidOut */
        static $laidOut = null;
        if ($laidOut === null) {
            $laidOut = self::folder();
            copy(self::migrated(), $laidOut.'/hawkbrush.sqlite');
            Artisan::run($laidOut, ['hawkbrush:demo']);
            register_shutdown_function(static fn() => exec('rm -rf '.escapeshellarg($laidOut)));
        }
        $data = self::folder();
        exec('cp -a '.escapeshellarg($laidOut).'/. '.escapeshellarg($data));

        return $data;
    }

    /** A database brought up to date once, to be copied from then on. */
    public static function migrated(): string
    {
        $sum = md5(implode('', array_map(md5_file(...), glob(__DIR__.'/../database/migrations/*.php') ?: [])));
        $made = sys_get_temp_dir()."/hawkbrush-migrated-{$sum}.sqlite";
        if (! is_file($made)) {
            $aside = $made.'.'.getmypid();
            touch($aside);
            exec(
                \sprintf(
                    'cd %s && DB_DATABASE=%s APP_ENV=production %s artisan migrate --force --quiet',
                    escapeshellarg(\dirname(__DIR__)),
                    escapeshellarg($aside),
                    PHP_BINARY,
                ),
                $output,
                $code,
            );
            $code === 0 || throw new RuntimeException('The database for the tests could not be made.');
            rename($aside, $made);
        }

        return $made;
    }
}
