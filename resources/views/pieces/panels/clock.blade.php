<x-panel of="clock" :title="__('piece.clock.head')">
    <div class="fields"><x-inputs :view="$form->texts" :fields="$form->fields->hours()"/></div>
    <p class="quiet">{{ __('piece.clock.note') }}</p>
    <h3>{{ __('piece.room.head') }}</h3>
    <div class="fields"><x-inputs :view="$form->texts" :fields="$form->fields->room()"/></div>
    <h3>{{ __('piece.clock.tasks') }}</h3>
    @include('pieces.tasks', ['oob' => false])
</x-panel>
