<!-- A password, which can be shown while it is typed. -->
<script lang="ts">
  import PasswordInput from 'carbon-components-svelte/src/TextInput/PasswordInput.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    labelText: string
    autocomplete: 'current-password' | 'new-password'
    helperText?: string
    value: string
  }
  let { labelText, autocomplete, helperText = '', value = $bindable() }: Props = $props()
</script>

<PasswordInput
  {labelText}
  {autocomplete}
  {helperText}
  showPasswordLabel={t('shared.password.show')}
  hidePasswordLabel={t('shared.password.hide')}
  tooltipAlignment="end"
  bind:value
/>
