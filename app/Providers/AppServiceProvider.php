<?php

declare(strict_types=1);

namespace App\Providers;

use App\Database\WriteFirstConnection;
use App\Devices\Devices;
use App\Devices\SocketColorimeter;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        Connection::resolverFor(
            'sqlite',
            /** @param array<string,
            mixed> $config */ static fn(
                \PDO|\Closure $pdo,
                string $database,
                string $prefix,
                array $config,
            ): WriteFirstConnection => new WriteFirstConnection($pdo, $database, $prefix, $config),
        );
        $this->app->bind(Devices::class, static function (): Devices {
            $address = config('hawkbrush.colorimeter');

            return new Devices(\is_string($address) && $address !== '' ? new SocketColorimeter($address) : null);
        });
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
    }
}
