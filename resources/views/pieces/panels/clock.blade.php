<x-panel of="clock" :title="__('piece.clock.head')">
    <div class="fields"><x-inputs :view="$form->texts" :fields="$form->fields->studio()->hours()"/></div>
    <p class="quiet">{{ __('piece.clock.note') }}</p>
    <h3>{{ __('piece.room.head') }}</h3>
    <div class="fields"><x-inputs :view="$form->texts" :fields="$form->fields->studio()->room()"/></div>
    <h3>{{ __('piece.clock.tasks') }}</h3>
    @include('pieces.tasks', ['oob' => false])
</x-panel>
