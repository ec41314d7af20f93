<template>
  <button class="act" type="button"><slot /></button>
</template>
