<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How often the stock of a supply was counted: tells a count that is sent twice, or another's, from what mixes took. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('supplies', function (Blueprint $table): void {
            $table->unsignedInteger('counted')->default(0);
        });
    }

    public function down(): void
    {
        Schema::table('supplies', function (Blueprint $table): void {
            $table->dropColumn('counted');
        });
    }
};
