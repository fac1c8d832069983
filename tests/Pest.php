<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\LazilyRefreshDatabase;
use Tests\ApiCase;

pest()->extend(ApiCase::class)->use(LazilyRefreshDatabase::class)->in('Api');
