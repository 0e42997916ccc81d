<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Seen;
use App\Models\Order;
use App\Models\OrderStage;
use App\Models\Piece;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** What was typed of an order. */
final class EditOrder extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public static function limits(): array
    {
        return [
            'wanted' => ['required', 'string', 'max:' . Limits::NAME],
            'whom'   => ['nullable', 'string', 'max:' . Limits::NAME],
            'due'    => ['nullable', 'date_format:Y-m-d', 'after:1990-01-01', 'before:2200-01-01'],
            'price'  => ['nullable', 'numeric', Limits::DECIMAL, 'min:0', 'max:' . Limits::AMOUNT],
            'stage'  => ['nullable', Rule::enum(OrderStage::class)],
            'note'   => ['nullable', 'string', 'max:' . Limits::NOTE],
        ];
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::limits() + [Seen::FIELD => ['nullable', 'string', 'max:' . Seen::MOST]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Words::asked('order');
    }

    /**
     * @return array<string, mixed> of the order, what was changed of it
     *
     * @throws ValidationException where somebody else changed the same
     */
    public function attributesFor(Order $order): array
    {
        $seen = Seen::by($this);
        $typed = [];
        foreach (Order::PLAIN as $key) {
            $typed += $this->has($key) ? [$key => $this->string($key)->trim()->toString()] : [];
        }
        if ($order->exists && $this->has('piece')) {
            $typed['piece'] = Piece::query()->where('studio_id', $order->studio_id)->find($this->string('piece')->toString())->id ?? '';
        }

        return self::kept($seen->agreed($typed, $order->exists ? $order->shown() : [], fn(string $key, string $now): string => Words::say(
            'asked.order.disputed',
            $key === 'piece' ? ['field' => Words::say('orders.piece'), 'now' => $order->piece->title ?? Words::say('orders.no-piece')]
                : ['field' => Words::say("orders.plain.{$key}"), 'now' => $now],
        )));
    }

    /**
     * @param array<string, string> $typed
     *
     * @return array<string, mixed>
     */
    public static function kept(array $typed): array
    {
        $kept = [];
        foreach ($typed as $key => $text) {
            $kept[$key === 'piece' ? 'piece_id' : $key] = match ($key) {
                'piece' => $text === '' ? null : $text,
                'due'   => $text === '' ? null : $text,
                'price' => $text === '' ? null : (float) $text,
                'stage' => $text === '' ? OrderStage::Asked : OrderStage::from($text),
                default => $text,
            };
        }

        return $kept;
    }
}
