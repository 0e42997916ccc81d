<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('orders', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('piece_id')->nullable()->constrained()->nullOnDelete();
            $table->string('wanted', 120);
            $table->string('whom', 120)->default('');
            $table->date('due')->nullable();
            $table->double('price')->nullable();
            $table->string('stage', 20);
            $table->string('note', 2000)->default('');
            $table->timestamps();
            $table->softDeletes();
            $table->index(['studio_id', 'stage', 'due']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('orders');
    }
};
