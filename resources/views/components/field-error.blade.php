@props(['name'])
@error($name)<p class="error" id="error-{{ str_replace('.', '-', $name) }}">{{ $message }}</p>@enderror
