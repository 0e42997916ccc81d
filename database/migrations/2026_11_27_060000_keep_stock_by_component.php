<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Resin is bought as A and B; consumables go by the pour, molds by the cast; things have an origin. */
return new class () extends Migration {
    private const COMPONENTS = ['pack_a', 'price_a', 'stock_a', 'pack_b', 'price_b', 'stock_b'];

    public function up(): void
    {
        Schema::table('supplies', function (Blueprint $table): void {
            foreach ([...self::COMPONENTS, 'per_pour'] as $column) {
                $table->double($column)->nullable();
            }
            $table->string('origin', 200)->default('');
        });
        Schema::table('vessels', function (Blueprint $table): void {
            $table->unsignedInteger('casts_before')->default(0);
            $table->unsignedInteger('lasts')->nullable();
            $table->string('origin', 200)->default('');
        });
    }

    public function down(): void
    {
        Schema::table('supplies', fn(Blueprint $table) => $table->dropColumn([...self::COMPONENTS, 'per_pour', 'origin']));
        Schema::table('vessels', fn(Blueprint $table) => $table->dropColumn(['casts_before', 'lasts', 'origin']));
    }
};
