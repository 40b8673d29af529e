declare module 'vuetify/styles'
declare module '*.css'
