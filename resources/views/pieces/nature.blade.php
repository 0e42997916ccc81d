<input type="hidden" name="open[]" value="{{ $i }}" form="piece-form">
<x-inputs :view="$form->texts" :fields="$form->fields->objects()->nature($i)"/>
