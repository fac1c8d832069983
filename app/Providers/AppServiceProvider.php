<?php

declare(strict_types=1);

namespace App\Providers;

use App\Database\WriteFirstConnection;
use App\Devices\Devices;
use App\Devices\SocketColorimeter;
use App\Devices\SocketMeter;
use App\Devices\Turns;
use App\Keeping\DataFolder;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\ServiceProvider;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

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
        $this->app->bind(WriteFirstConnection::class, static function (): WriteFirstConnection {
            $connection = DB::connection();

            return $connection instanceof WriteFirstConnection
                ? $connection : throw new \LogicException('The database is kept in SQLite only.');
        });
        $this->app->bind(Devices::class, static function (): Devices {
            $address = static function (string $instrument): string {
                $address = config("hawkbrush.{$instrument}");

                return \is_string($address) ? $address : '';
            };

            $turns = new Turns(DataFolder::current()->path);

            return new Devices(
                $address('colorimeter') === '' ? null : new SocketColorimeter($address('colorimeter'), $turns),
                $address('hygrometer') === '' ? null : new SocketMeter('hygrometer', $address('hygrometer'), $turns),
                $address('gauge') === '' ? null : new SocketMeter('gauge', $address('gauge'), $turns),
            );
        });
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        // nginx sends the file itself, where it says that it can (config/serving/nginx.conf).
        BinaryFileResponse::trustXSendfileTypeHeader();
    }
}
