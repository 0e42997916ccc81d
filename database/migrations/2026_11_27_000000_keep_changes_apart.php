<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a page saw is found again, so that changes of several people can be put together. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('piece_states', function (Blueprint $table): void {
            $table->string('print', 32)->nullable();
            $table->index(['piece_id', 'print']);
        });
    }

    public function down(): void
    {
        Schema::table('piece_states', function (Blueprint $table): void {
            $table->dropIndex(['piece_id', 'print']);
            $table->dropColumn('print');
        });
    }
};
